// What a long piece costs in Read: 2,000 bars from a file to its key, and scrolling through them.

const BARS = 2000;

/** A piece of so many bars on two staves as MusicXML: eight notes above, two below, signs and another key now and then. */
function longPiece() {
  const note = (step, octave, duration, type, voice, staff, alter) =>
    `<note><pitch><step>${step}</step>${alter ? `<alter>${alter}</alter>` : ''}<octave>${octave}</octave></pitch><duration>${duration}</duration><voice>${voice}</voice><type>${type}</type><staff>${staff}</staff></note>`;
  const letters = 'CDEFGABC';
  const measures = Array.from({ length: BARS }, (_, bar) => {
    const head =
      bar === 0
        ? '<attributes><divisions>2</divisions><key><fifths>0</fifths></key><time><beats>4</beats><beat-type>4</beat-type></time><staves>2</staves><clef number="1"><sign>G</sign><line>2</line></clef><clef number="2"><sign>F</sign><line>4</line></clef></attributes>'
        : '';
    const away = Math.floor(bar / 40) % 5 === 3;
    const upper = Array.from({ length: 8 }, (_each, at) => {
      const step = letters[(at * 3 + bar) % 8];
      return note(step, at % 3 === 0 ? 4 : 5, 1, 'eighth', 1, 1, away && step === 'F' ? 1 : 0);
    });
    const lower = [
      note(bar % 2 === 0 ? 'C' : 'G', 3, 4, 'half', 2, 2),
      note(bar % 2 === 0 ? 'G' : 'C', 3, 4, 'half', 2, 2),
    ];
    return `<measure number="${bar + 1}">${head}${upper.join('')}<backup><duration>8</duration></backup>${lower.join('')}</measure>`;
  });
  return `<?xml version="1.0"?><score-partwise version="4.0"><movement-title>Long Water</movement-title><part-list><score-part id="P1"><part-name>Keys</part-name></score-part></part-list><part id="P1">${measures.join('')}</part></score-partwise>`;
}

/** From the file that is chosen until the key stands, and the longest task while all of it is scrolled through. */
export async function benchRead(browser, port, row) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const page = await context.newPage();
  await page.goto(`http://127.0.0.1:${port}/read?see=new`);
  await page.locator('[data-live=yes]').waitFor();
  await page.evaluate(() => {
    window.tasks = [];
    new PerformanceObserver((list) =>
      window.tasks.push(...list.getEntries().map(({ duration }) => duration)),
    ).observe({
      entryTypes: ['longtask'],
    });
  });
  const buffer = Buffer.from(longPiece());
  const started = Date.now();
  await page
    .getByLabel('Choose a file')
    .setInputFiles({ name: 'long.musicxml', mimeType: 'application/xml', buffer });
  await page.getByRole('heading', { level: 1, name: /Long Water/u }).waitFor();
  row(`${BARS} bars: from the file to what it is`, `${Date.now() - started} ms`, 'under 2000 ms');
  await page.getByRole('region', { name: 'Which key' }).waitFor();
  row('  and its first page with its keys', `${Date.now() - started} ms`, '');
  await page.evaluate(() => {
    window.tasks.length = 0;
  });
  const pages = await page.locator('[data-page]').count();
  for (let nth = 0; nth < pages; nth += 3) {
    await page.locator(`[data-page="${nth}"]`).evaluate((element) => element.scrollIntoView());
    await page.locator(`[data-page="${nth}"] svg`).first().waitFor();
  }
  const longest = await page.evaluate(() => Math.max(0, ...window.tasks));
  row(`  scrolled through ${pages} pages, the longest task`, `${Math.round(longest)} ms`, 'under 50 ms');
  await context.close();
}
