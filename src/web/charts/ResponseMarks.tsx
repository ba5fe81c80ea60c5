import { formatNumber } from '../../core/format';
import { levelLabel, levelsInOrder, pointAt, type Factor, type Plan } from '../../core/practical';
import type { LevelGroup, ResponseSeries } from '../../core/run';
import { placeLabels } from './place-labels';
import { besideMean, jitter, type ResponseScales } from './response-scales';

export const shortened = (label: string, most = 17) =>
  label.length > most ? `${label.slice(0, most - 1)}…` : label;

interface MarksProps {
  series: ResponseSeries;
  scales: ResponseScales;
  colourOf(treatmentId: string): string;
}

/** For each level of the second factor a line through its means, named at its right. */
export function MeanLines({
  series,
  scales: { frame, xOf, y },
  colourOf,
  second,
  plan,
}: MarksProps & { second: Factor; plan: Plan }) {
  const { width, height, margin } = frame;
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
  return lines.map(({ level, groups, last }, i) => {
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
  });
}

/** Mean of each treatment with its 95 % interval, beside its dots. */
export function MeanMarks({ series, scales: { xOf, y }, colourOf }: MarksProps) {
  const { groups, response, factors } = series;
  const second = factors.length > 1;
  const inWords = ({ label, mean, ci95 }: LevelGroup) =>
    `${label}: mean ${formatNumber(mean, 2)} ${response.unit}${ci95 ? `, 95 % interval ${formatNumber(ci95[0], 2)} to ${formatNumber(ci95[1], 2)}` : ''}`;
  return groups.map((group) => (
    <g
      key={group.treatment.id}
      transform={`translate(${xOf(group.x, group.treatment.id) + (second ? 0 : 19)} 0)`}
    >
      <title>{inWords(group)}</title>
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
  ));
}

interface DotsProps extends MarksProps {
  pointed: number | null;
  onPoint(station: number | null): void;
}

/** Every station a dot; ringed where something went differently. */
export function StationDots({ series, scales: { xOf, y }, colourOf, pointed, onPoint }: DotsProps) {
  const { points, response, factors } = series;
  const left = factors.length > 1 ? besideMean : 0;
  const at = points.map(({ x, y: value, treatmentId }) => ({
    x: xOf(x, treatmentId) - left,
    y: y(value),
    treatmentId,
  }));
  const shift = jitter(at);
  return points.map((point, i) => (
    <g
      key={point.station}
      transform={`translate(${at[i]!.x + shift[i]!} ${at[i]!.y})`}
      opacity={pointed === null || pointed === point.station ? 1 : 0.3}
      onMouseEnter={() => onPoint(point.station)}
      onMouseLeave={() => onPoint(null)}
    >
      <title>{`Station ${point.station}: ${pointAt(response, point.y) ?? `${formatNumber(point.y)} ${response.unit}`}`}</title>
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
  ));
}
