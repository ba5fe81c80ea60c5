import { Box } from '@chakra-ui/react';
import { formatNumber } from '../../core/format';
import {
  endsAtLevel,
  factorUnit,
  followsBoiling,
  levelLabel,
  pointAt,
  type Factor,
  type Plan,
} from '../../core/practical';
import type { ResponseSeries } from '../../core/run';
import { AxisName, LeftAxis } from './Axes';
import { MeanLines, MeanMarks, shortened, StationDots } from './ResponseMarks';
import { responseScales } from './response-scales';

interface ResponseChartProps {
  series: ResponseSeries;
  plan: Plan;
  colourOf(treatmentId: string): string;
  pointed: number | null;
  onPoint(station: number | null): void;
}

/** A response against the factor: every station a dot, mean and 95 % interval beside them, the line where it means something. */
export function ResponseChart({ series, plan, colourOf, pointed, onPoint }: ResponseChartProps) {
  const { fit, numeric, response, factors } = series;
  const [factor, second] = factors;
  const scales = responseScales(series);
  const { frame, place, y, ticks, ends } = scales;
  const { width, height, margin } = frame;
  const unit = numeric && factor ? axisUnit(plan, factor) : '';
  return (
    <Box asChild w="100%" h="auto" display="block">
      <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={inWords(series)}>
        <LeftAxis
          frame={frame}
          words={(tick) => shortened(pointAt(response, tick) ?? formatNumber(tick), 14)}
          ticks={ticks}
          y={y}
          unit={response.unit.length < 4 ? response.unit : ''}
          fontSize="13"
        />
        {placesOf(series, plan).map(({ x, label, control }) => (
          <text
            key={x}
            x={place(x)}
            y={height - margin.bottom + 19}
            textAnchor="middle"
            fontSize="13"
            fill="var(--chakra-colors-ink)"
            fontWeight={control ? 700 : 400}
          >
            {numeric ? formatNumber(x) : shortened(label)}
          </text>
        ))}
        {second && (
          <MeanLines series={series} scales={scales} colourOf={colourOf} second={second} plan={plan} />
        )}
        <AxisName frame={frame} at="middle">
          {`${factor?.name ?? ''}${unit ? `, ${unit}` : ''}`}
        </AxisName>
        {fit && (
          <line
            x1={place(ends[0])}
            x2={place(ends[1])}
            y1={y(fit.intercept + fit.slope * ends[0])}
            y2={y(fit.intercept + fit.slope * ends[1])}
            stroke="var(--chakra-colors-glass)"
            strokeWidth="1.8"
            strokeDasharray="6 5"
          />
        )}
        <MeanMarks series={series} scales={scales} colourOf={colourOf} />
        <StationDots
          series={series}
          scales={scales}
          colourOf={colourOf}
          pointed={pointed}
          onPoint={onPoint}
        />
      </svg>
    </Box>
  );
}

const inWords = ({ response, factors, groups }: ResponseSeries) =>
  `${response.name} against ${factors[0]?.name ?? ''}: ${groups.map((group) => `${group.label} ${pointAt(response, group.mean) ?? formatNumber(group.mean, 2)}`).join(', ')}`;

/** The unit under the axis: where a syrup ends is drawn as it would be at sea level, if its levels are meant so. */
function axisUnit(plan: Plan, factor: Factor): string {
  const step = plan.steps.find((one) => endsAtLevel(one, factor, plan));
  return step && followsBoiling(plan, step) ? '°C at sea level' : factorUnit(plan, factor);
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
