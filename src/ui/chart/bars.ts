import { BarChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { init, use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import type { BarRow } from './bar-row';

use([BarChart, GridComponent, SVGRenderer]);

/** Pixels a bar takes with the room about it. */
const ROW = 24;

/** Colours by their names, so that they follow the light of the page. */
const ink = (name: string) => `var(${name})`;

/**
 * Bars one below the other, the first on top, in an element of the page. What is full is drawn full, and what is told apart
 * from it is hollow, so that grey shows it too; the number stands at its end.
 *
 * @param most what the longest bar may stand for
 */
export function drawBars(
  element: HTMLElement,
  rows: readonly BarRow[],
  most: number,
  onPick: (id: string) => void,
) {
  const chart = init(element, null, { renderer: 'svg', height: rows.length * ROW + 8 });
  const font = getComputedStyle(document.body).fontFamily;
  const label = { color: ink('--ink'), fontFamily: font, fontSize: 13 };
  chart.setOption({
    animation: false,
    grid: { left: 4, right: 64, top: 4, bottom: 4, containLabel: true },
    xAxis: { type: 'value', max: most, show: false },
    yAxis: {
      type: 'category',
      inverse: true,
      data: rows.map(({ name }) => name),
      axisLine: { show: false },
      axisTick: { show: false },
      axisLabel: { ...label, width: 232, overflow: 'truncate' },
    },
    series: [
      {
        type: 'bar',
        emphasis: { disabled: true },
        stack: 'all',
        barWidth: 10,
        data: rows.map(({ full }) => full),
        itemStyle: { color: ink('--moon'), borderColor: ink('--moon-rim'), borderWidth: 1 },
      },
      {
        type: 'bar',
        emphasis: { disabled: true },
        stack: 'all',
        data: rows.map(({ hollow }) => hollow),
        itemStyle: {
          color: 'transparent',
          borderColor: ink('--moon-rim'),
          borderWidth: 1,
          borderType: 'dashed',
        },
        label: {
          ...label,
          show: true,
          position: 'right',
          formatter: ({ dataIndex }: { dataIndex: number }) => rows[dataIndex]?.text ?? '',
        },
      },
    ],
  });
  chart.on('click', ({ dataIndex }) => {
    const row = rows[dataIndex];
    if (row) onPick(row.id);
  });
  const observer = new ResizeObserver(() => chart.resize());
  observer.observe(element);
  return () => {
    observer.disconnect();
    chart.dispose();
  };
}
