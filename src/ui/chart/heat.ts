import { HeatmapChart } from 'echarts/charts';
import { GridComponent, VisualMapComponent } from 'echarts/components';
import { init, use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { HEAT_HEAD, HEAT_ROW, type HeatCell } from './heat-cell';

use([HeatmapChart, GridComponent, VisualMapComponent, SVGRenderer]);

/** Colours by their names, so that they follow the light of the page. */
const ink = (name: string) => `var(${name})`;

/** The fuller, the more of the moon; the number in the cell says the same without colour. */
const filled = (fill: number) => `color-mix(in srgb, var(--moon) ${Math.round(100 * fill)}%, var(--sheet))`;

/** Rows by columns, the first row on top, in an element of the page. */
export function drawHeat(
  element: HTMLElement,
  {
    rows,
    columns,
    cells,
  }: {
    readonly rows: readonly string[];
    readonly columns: readonly string[];
    readonly cells: readonly HeatCell[];
  },
  onPick: (id: string) => void,
) {
  const height = rows.length * HEAT_ROW + HEAT_HEAD;
  const chart = init(element, null, { renderer: 'svg', height });
  const font = getComputedStyle(document.body).fontFamily;
  const label = { color: ink('--ink'), fontFamily: font, fontSize: 13 };
  const axis = { axisLine: { show: false }, axisTick: { show: false }, splitLine: { show: false } };
  chart.setOption({
    animation: false,
    grid: { left: 150, right: 40, top: HEAT_HEAD, bottom: 2 },
    xAxis: {
      ...{ type: 'category', position: 'top', data: columns, ...axis },
      axisLabel: { ...label, rotate: 38, interval: 0 },
    },
    yAxis: {
      ...{ type: 'category', inverse: true, data: rows, ...axis },
      axisLabel: { ...label, width: 140, overflow: 'truncate', interval: 0 },
    },
    visualMap: { show: false, min: 0, max: 1, dimension: 2 },
    series: [
      {
        type: 'heatmap',
        emphasis: { disabled: true },
        // A rim of the ground keeps the number readable on any fill, by day and by night.
        label: {
          textBorderColor: ink('--sheet'),
          textBorderWidth: 3,
          ...label,
          show: true,
          formatter: ({ dataIndex }: { dataIndex: number }) => cells[dataIndex]?.text ?? '',
        },
        data: cells.map(({ column, row, fill }) => ({
          value: [column, row, fill],
          itemStyle: { color: filled(fill), borderColor: ink('--rule'), borderWidth: 1 },
        })),
      },
    ],
  });
  chart.on('click', ({ dataIndex }) => {
    const cell = cells[dataIndex];
    if (cell) onPick(cell.id);
  });
  const observer = new ResizeObserver(() => chart.resize());
  observer.observe(element);
  return () => {
    observer.disconnect();
    chart.dispose();
  };
}
