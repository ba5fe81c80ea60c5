import { Box } from '@chakra-ui/react';
import { extent, scaleLinear, scalePoint } from 'd3';
import { formatNumber } from '../../core/format';
import { placeLabels } from './place-labels';
import { factorUnit, levelLabel, levelsInOrder, type Factor, type Plan } from '../../core/practical';
import type { ResponseSeries } from '../../core/run';

interface ResponseChartProps {
  series: ResponseSeries;
  plan: Plan;
  colourOf(treatmentId: string): string;
  pointed: number | null;
  onPoint(station: number | null): void;
}

const width = 470;
const height = 300;
const margin = { top: 14, right: 22, bottom: 46, left: 58 };

/** A response against the factor: every station a dot, mean and 95 % interval beside them, the line where it means something. */
export function ResponseChart({ series, plan, colourOf, pointed, onPoint }: ResponseChartProps) {
  const { points, groups, fit, numeric, response, factors } = series;
  const [factor, second] = factors;
  const factorName = factor?.name ?? '';
  const factorUnit = factor ? axisUnit(plan, factor) : '';
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
  // Two factors: the lines are named to their right.
  const right = width - (second ? 78 : margin.right);
  const along = scaleLinear([first - reach, last + reach], [margin.left, right]);
  const steps = scalePoint(
    [...new Set(groups.map((group) => String(group.x)))],
    [margin.left, right],
  ).padding(0.6);
  const beside = sideBySide(series);
  const xOf = (x: number, treatmentId: string) =>
    (numeric ? along(x) : (steps(String(x)) ?? 0)) + beside(treatmentId);
  const ticks = y.ticks(5);
  const shift = jitter(
    series,
    (point) => xOf(point.x, point.treatmentId),
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
        {placesOf(series, plan).map(({ x, label, control }) => (
          <text
            key={x}
            x={numeric ? along(x) : steps(String(x))}
            y={height - margin.bottom + 19}
            textAnchor="middle"
            fontSize="13"
            fill="var(--chakra-colors-ink)"
            fontWeight={control ? 700 : 400}
          >
            {numeric ? formatNumber(x) : shortened(label)}
          </text>
        ))}
        {second && <Means series={series} second={second} colourOf={colourOf} xOf={xOf} y={y} plan={plan} />}
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
          <g
            key={group.treatment.id}
            transform={`translate(${xOf(group.x, group.treatment.id) + (second ? 0 : 19)} 0)`}
          >
            <title>{`${group.label}: mean ${formatNumber(group.mean, 2)} ${response.unit}${group.ci95 ? `, 95 % interval ${formatNumber(group.ci95[0], 2)} to ${formatNumber(group.ci95[1], 2)}` : ''}`}</title>
            {group.ci95 && (
              <line
                y1={y(group.ci95[0])}
                y2={y(group.ci95[1])}
                stroke="var(--chakra-colors-glass)"
                strokeWidth="2.4"
              />
            )}
            <rect
              x="-4.5"
              y={y(group.mean) - 4.5}
              width="9"
              height="9"
              fill={second ? colourOf(group.treatment.id) : 'var(--chakra-colors-glass)'}
              stroke={second ? 'var(--chakra-colors-ink)' : undefined}
            />
          </g>
        ))}
        {points.map((point, i) => (
          <g
            key={point.station}
            transform={`translate(${xOf(point.x, point.treatmentId) + shift[i]!} ${y(point.y)})`}
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
              fill={colourOf(point.treatmentId)}
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

/** The unit under the axis: an end temperature is drawn as it would be at sea level. */
function axisUnit(plan: Plan, factor: Factor): string {
  return factor.acts.on === 'end-temperature' ? '°C at sea level' : factorUnit(plan, factor);
}

/** Where the levels of the first factor stand, each once. */
function placesOf({ groups, factors }: ResponseSeries, plan: Plan) {
  const places = new Map<number, { x: number; label: string; control: boolean }>();
  for (const { x, treatment } of groups) {
    const level = treatment.levels[0]!;
    if (!places.has(x))
      places.set(x, { x, label: levelLabel(plan, factors[0]!, level), control: level.control });
  }
  return [...places.values()];
}

/** Treatments that share a place on the axis stand side by side, so that none hides another. */
function sideBySide({ groups, factors }: ResponseSeries): (treatmentId: string) => number {
  if (factors.length < 2) return () => 0;
  const order = [...new Set(groups.map((group) => group.treatment.levels[1]!.id))];
  const level = new Map(
    groups.map((group) => [group.treatment.id, order.indexOf(group.treatment.levels[1]!.id)]),
  );
  return (id) => ((level.get(id) ?? 0) - (order.length - 1) / 2) * 18;
}

interface MeansProps {
  series: ResponseSeries;
  second: Factor;
  plan: Plan;
  colourOf(treatmentId: string): string;
  xOf(x: number, treatmentId: string): number;
  y(value: number): number;
}

/** For each level of the second factor a line through its means, named at its right. */
function Means({ series, second, plan, colourOf, xOf, y }: MeansProps) {
  const lines = levelsInOrder(second).flatMap((level) => {
    const groups = series.groups
      .filter((group) => group.treatment.levels[1]!.id === level.id)
      .sort((a, b) => a.x - b.x);
    const last = groups.at(-1);
    return last ? [{ level, groups, last }] : [];
  });
  const named = lines.map(({ level, last }) => ({ text: levelLabel(plan, second, level), at: y(last.mean) }));
  const places = placeLabels(named, 15, margin.top, height - margin.bottom);
  const placeOf = (i: number) => places.find((one) => one.text === named[i]!.text)?.y ?? named[i]!.at;
  return (
    <>
      {lines.map(({ level, groups, last }, i) => {
        const path = `M${groups.map((group) => `${xOf(group.x, group.treatment.id)} ${y(group.mean)}`).join('L')}`;
        return (
          <g key={level.id}>
            <path d={path} fill="none" stroke="var(--chakra-colors-ink)" strokeWidth="3.4" />
            <path d={path} fill="none" stroke={colourOf(last.treatment.id)} strokeWidth="2" />
            <text
              x={width - 70}
              y={placeOf(i)}
              dominantBaseline="middle"
              fontSize="12.5"
              fontWeight="600"
              fill="var(--chakra-colors-ink)"
            >
              {shortened(levelLabel(plan, second, level))}
            </text>
          </g>
        );
      })}
    </>
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
