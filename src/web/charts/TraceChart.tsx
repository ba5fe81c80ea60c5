import { Box } from '@chakra-ui/react';
import { extent, scaleLinear } from 'd3';
import { formatNumber } from '../../core/format';
import { AxisName, LeftAxis, type ChartFrame } from './Axes';
import { BoilingLine, StageBands, type StageBand } from './TraceBackground';

export type { StageBand } from './TraceBackground';

export interface TraceLine {
  station: number;
  label: string;
  colour: string;
  seconds: readonly number[];
  celsius: readonly number[];
  /** Readings that are no pan’s: a thermometer in the air, a slip of the finger. */
  wild: { readonly seconds: readonly number[]; readonly celsius: readonly number[] };
  /** Where the temperature step ended. */
  end: { seconds: number; celsius: number } | null;
}

interface TraceChartProps {
  lines: readonly TraceLine[];
  bands: readonly StageBand[];
  /** Water boils here at; a thin line. */
  boilingC: number | null;
  pointed: number | null;
  onPoint(station: number | null): void;
}

const frame: ChartFrame = { width: 900, height: 350, margin: { top: 12, right: 104, bottom: 46, left: 56 } };

/** Minutes across and °C upwards, with room for every trace. */
function scalesOf(lines: readonly TraceLine[]) {
  const { width, height, margin } = frame;
  const seconds = extent(lines.flatMap((one) => [one.seconds[0] ?? 0, one.seconds.at(-1) ?? 0]));
  const celsius = extent(
    lines.flatMap((one) => extent([...one.celsius, ...one.wild.celsius]) as [number, number]),
  );
  const [first, last] = seconds as [number, number];
  const [low, high] = celsius as [number, number];
  return {
    x: scaleLinear([Math.min(0, first / 60), last / 60], [margin.left, width - margin.right]),
    y: scaleLinear([Math.min(20, low), high + 5], [height - margin.bottom, margin.top]),
  };
}

type Scales = ReturnType<typeof scalesOf>;

/** The traces of all stations laid over each other, over the stages as they lie on the local thermometer. */
export function TraceChart({ lines, bands, boilingC, pointed, onPoint }: TraceChartProps) {
  const scales = scalesOf(lines);
  const { x, y } = scales;
  const { width, height, margin } = frame;
  return (
    <Box asChild w="100%" h="auto" display="block">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={`Temperature against time for ${lines.length} stations`}
      >
        <StageBands frame={frame} bands={bands} topC={y.domain()[1]!} y={y} />
        <LeftAxis frame={frame} ticks={y.ticks(6)} y={y} unit="°C" fontSize="12.5" />
        {x.ticks(8).map((tick) => (
          <text
            key={tick}
            x={x(tick)}
            y={height - margin.bottom + 18}
            textAnchor="middle"
            fontSize="12.5"
            fill="var(--chakra-colors-soft)"
          >
            {formatNumber(tick)}
          </text>
        ))}
        <AxisName frame={frame} at="end">
          minutes since the start
        </AxisName>
        {boilingC !== null && <BoilingLine frame={frame} celsius={boilingC} y={y} />}
        {/* The one that is pointed at is drawn last, over the others. */}
        {[...lines]
          .sort((a, b) => Number(a.station === pointed) - Number(b.station === pointed))
          .map((one) => (
            <Trace key={one.station} line={one} scales={scales} pointed={pointed} onPoint={onPoint} />
          ))}
      </svg>
    </Box>
  );
}

interface TraceProps extends Pick<TraceChartProps, 'pointed' | 'onPoint'> {
  line: TraceLine;
  scales: Scales;
}

/** One station’s trace, edged in ink so that pale levels are seen on paper, with the point where its step ended. */
function Trace({ line, scales: { x, y }, pointed, onPoint }: TraceProps) {
  const { station, label, colour, seconds, celsius, wild, end } = line;
  const on = pointed === station;
  const path = seconds
    .map((second, i) => `${i === 0 ? 'M' : 'L'}${x(second / 60).toFixed(1)} ${y(celsius[i]!).toFixed(1)}`)
    .join('');
  return (
    <g
      opacity={pointed === null || on ? 1 : 0.25}
      onMouseEnter={() => onPoint(station)}
      onMouseLeave={() => onPoint(null)}
    >
      <title>{`Station ${station}, ${label}`}</title>
      <path
        d={path}
        fill="none"
        stroke="var(--chakra-colors-ink)"
        strokeWidth={on ? 5 : 3.2}
        strokeLinejoin="round"
        opacity={on ? 0.5 : 0.28}
      />
      <path d={path} fill="none" stroke={colour} strokeWidth={on ? 3 : 1.9} strokeLinejoin="round" />
      {wild.seconds.map((second, i) => (
        <circle
          key={second}
          cx={x(second / 60)}
          cy={y(wild.celsius[i]!)}
          r={2.6}
          fill="var(--chakra-colors-sheet)"
          stroke={colour}
          strokeWidth="1.2"
        >
          <title>{`Station ${station}: ${formatNumber(wild.celsius[i]!, 1)} °C, left out of its curve`}</title>
        </circle>
      ))}
      {end && (
        <g transform={`translate(${x(end.seconds / 60)} ${y(end.celsius)})`}>
          <circle r={on ? 7 : 5} fill={colour} stroke="var(--chakra-colors-ink)" strokeWidth="1.4" />
          {on && (
            <text x="10" y="-6" fontSize="14" fontWeight="bold" fill="var(--chakra-colors-ink)">
              {station}
            </text>
          )}
        </g>
      )}
    </g>
  );
}
