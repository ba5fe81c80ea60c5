import { Box } from '@chakra-ui/react';
import { extent, scaleLinear, scalePoint } from 'd3';
import { formatNumber } from '../../core/format';
import type { ResponseSeries } from '../../core/run';

interface ResponseChartProps {
  series: ResponseSeries;
  /** Words under the x axis. */
  factorName: string;
  factorUnit: string;
  colourOf(levelId: string): string;
  pointed: number | null;
  onPoint(station: number | null): void;
}

const width = 470;
const height = 300;
const margin = { top: 14, right: 22, bottom: 46, left: 58 };

/** A response against the factor: every station a dot, mean and 95 % interval beside them, the line where it means something. */
export function ResponseChart({
  series,
  factorName,
  factorUnit,
  colourOf,
  pointed,
  onPoint,
}: ResponseChartProps) {
  const { points, groups, fit, numeric, response } = series;
  const values = [...points.map((point) => point.y), ...groups.flatMap((group) => group.ci95 ?? [])];
  const [low, high] = extent(values) as [number, number];
  const pad = (high - low || Math.abs(high) || 1) * 0.08;
  const y = scaleLinear(
    [low >= 0 && low < high * 0.6 ? 0 : low - pad, high + pad],
    [height - margin.bottom, margin.top],
  ).nice();
  const xs = [...points.map((point) => point.x), ...groups.map((group) => group.x)];
  const [first, last] = extent(xs) as [number, number];
  const reach = (last - first || 1) * 0.12;
  const along = scaleLinear([first - reach, last + reach], [margin.left, width - margin.right]);
  const steps = scalePoint(
    groups.map((group) => group.level.id),
    [margin.left, width - margin.right],
  ).padding(0.6);
  const xOf = (x: number, levelId: string) => (numeric ? along(x) : (steps(levelId) ?? 0));
  const ticks = y.ticks(5);
  const shift = jitter(
    series,
    (point) => xOf(point.x, point.levelId),
    (point) => y(point.y),
  );
  return (
    <Box asChild w="100%" h="auto" display="block">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={`${response.name} against ${factorName}: ${groups.map((group) => `${group.label} ${formatNumber(group.mean, 2)}`).join(', ')}`}
      >
        {ticks.map((tick, i) => (
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
              fontSize="13"
              fill="var(--chakra-colors-soft)"
            >
              {formatNumber(tick)}
              {i === ticks.length - 1 && response.unit.length < 4 ? ` ${response.unit}` : ''}
            </text>
          </g>
        ))}
        {groups.map((group) => (
          <text
            key={group.level.id}
            x={xOf(group.x, group.level.id)}
            y={height - margin.bottom + 19}
            textAnchor="middle"
            fontSize="13"
            fill="var(--chakra-colors-ink)"
            fontWeight={group.level.control ? 700 : 400}
          >
            {numeric ? formatNumber(group.x) : shortened(group.label)}
          </text>
        ))}
        <text
          x={(margin.left + width - margin.right) / 2}
          y={height - 6}
          textAnchor="middle"
          fontSize="13"
          fill="var(--chakra-colors-soft)"
        >
          {factorName}
          {numeric && factorUnit ? `, ${factorUnit}` : ''}
        </text>
        {fit && (
          <line
            x1={along(first)}
            x2={along(last)}
            y1={y(fit.intercept + fit.slope * first)}
            y2={y(fit.intercept + fit.slope * last)}
            stroke="var(--chakra-colors-glass)"
            strokeWidth="1.8"
            strokeDasharray="6 5"
          />
        )}
        {groups.map((group) => (
          <g key={group.level.id} transform={`translate(${xOf(group.x, group.level.id) + 19} 0)`}>
            <title>{`${group.label}: mean ${formatNumber(group.mean, 2)} ${response.unit}${group.ci95 ? `, 95 % interval ${formatNumber(group.ci95[0], 2)} to ${formatNumber(group.ci95[1], 2)}` : ''}`}</title>
            {group.ci95 && (
              <line
                y1={y(group.ci95[0])}
                y2={y(group.ci95[1])}
                stroke="var(--chakra-colors-glass)"
                strokeWidth="2.4"
              />
            )}
            <rect x="-4.5" y={y(group.mean) - 4.5} width="9" height="9" fill="var(--chakra-colors-glass)" />
          </g>
        ))}
        {points.map((point, i) => (
          <g
            key={point.station}
            transform={`translate(${xOf(point.x, point.levelId) + shift[i]!} ${y(point.y)})`}
            opacity={pointed === null || pointed === point.station ? 1 : 0.3}
            onMouseEnter={() => onPoint(point.station)}
            onMouseLeave={() => onPoint(null)}
          >
            <title>{`Station ${point.station}: ${formatNumber(point.y)} ${response.unit}`}</title>
            {point.deviated && (
              <circle
                r="11"
                fill="none"
                stroke="var(--chakra-colors-amber)"
                strokeWidth="2"
                strokeDasharray="4 3"
              />
            )}
            <circle
              r={pointed === point.station ? 8.5 : 6.5}
              fill={colourOf(point.levelId)}
              stroke="var(--chakra-colors-ink)"
              strokeWidth="1.2"
            />
            {pointed === point.station && (
              <text x="12" y="-8" fontSize="14" fontWeight="bold" fill="var(--chakra-colors-ink)">
                {point.station}
              </text>
            )}
          </g>
        ))}
      </svg>
    </Box>
  );
}

/** Moves dots that would cover each other a little to the left, so that every repeat is seen. */
function jitter<P>(
  series: { points: readonly P[] },
  xOf: (point: P) => number,
  yOf: (point: P) => number,
): number[] {
  const placed: { x: number; y: number }[] = [];
  return series.points.map((point) => {
    const at = { x: xOf(point), y: yOf(point) };
    let shift = 0;
    while (placed.some((other) => Math.hypot(other.x - at.x - shift, other.y - at.y) < 11) && shift > -60)
      shift -= 12;
    placed.push({ x: at.x + shift, y: at.y });
    return shift;
  });
}

const shortened = (label: string) => (label.length > 17 ? `${label.slice(0, 16)}…` : label);
