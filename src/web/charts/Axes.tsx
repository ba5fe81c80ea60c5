import { formatNumber } from '../../core/format';

/** The room a chart leaves around what it draws. */
export interface ChartFrame {
  width: number;
  height: number;
  margin: { top: number; right: number; bottom: number; left: number };
}

const soft = 'var(--chakra-colors-soft)';

interface LeftAxisProps {
  frame: ChartFrame;
  ticks: readonly number[];
  y(value: number): number;
  /** Stands after the uppermost number. */
  unit: string;
  fontSize: string;
  /** What stands at a line, where it is not its number. */
  words?(tick: number): string;
}

/** Lines across the chart, each with its number at the left. */
export function LeftAxis({
  frame: { width, margin },
  ticks,
  y,
  unit,
  fontSize,
  words = formatNumber,
}: LeftAxisProps) {
  return ticks.map((tick, i) => (
    <g key={tick}>
      <line
        x1={margin.left}
        x2={width - margin.right}
        y1={y(tick)}
        y2={y(tick)}
        stroke="var(--chakra-colors-rule)"
      />
      <text
        x={margin.left - 9}
        y={y(tick)}
        textAnchor="end"
        dominantBaseline="middle"
        fontSize={fontSize}
        fill={soft}
      >
        {words(tick)}
        {i === ticks.length - 1 && unit !== '' ? ` ${unit}` : ''}
      </text>
    </g>
  ));
}

/** What a chart is drawn against, under its lower edge. */
export function AxisName({
  frame,
  at,
  children,
}: {
  frame: ChartFrame;
  at: 'middle' | 'end';
  children: string;
}) {
  const { width, height, margin } = frame;
  return (
    <text
      x={at === 'end' ? width - margin.right : (margin.left + width - margin.right) / 2}
      y={height - 6}
      textAnchor={at}
      fontSize="13"
      fill={soft}
    >
      {children}
    </text>
  );
}
