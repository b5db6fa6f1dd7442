/** What a page has spent on script, style and layout until it is asked, in milliseconds of its thread. */
export async function clockOf(page) {
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable', { timeDomain: 'threadTicks' });
  return async () => {
    const { metrics } = await session.send('Performance.getMetrics');
    const seconds = Object.fromEntries(metrics.map((metric) => [metric.name, metric.value]));
    return 1000 * (seconds.ScriptDuration + seconds.LayoutDuration + seconds.RecalcStyleDuration);
  };
}
