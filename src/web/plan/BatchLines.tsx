import { Box, Flex } from '@chakra-ui/react';
import { formatNumber } from '../../core/format';
import { depthMm, ingredientGrams, itemOf, sheetCm2 } from '../../core/batch';
import { gasVolumeL, leaveningSum, type LeaveningSum } from '../../core/leavening';
import { portionsShape, type Place, type Portions, type StationIngredient } from '../../core/practical';
import { range } from '../../core/shape';
import { pressureAtAltitude } from '../../core/water';
import { workingOf } from '../../core/working';
import { NumberField } from '../ui/fields';
import { WordButton } from '../ui/Button';
import { WorkingPopover } from '../ui/WorkingPopover';
import { usePlan } from './edit-context';

/** What the batch comes to: its gas, where soda or powder is in it, and how it is shared out. */
export function BatchLines({ batch, total }: { batch: readonly StationIngredient[]; total: number }) {
  const { place } = usePlan();
  const sum = leaveningSum(
    batch.map((line) => ({
      name: line.name,
      massG: line.grams ?? ingredientGrams(line) ?? 0,
      item: itemOf(line),
    })),
  );
  return (
    <Box mt="3" fontSize="sm" css={{ '& > *': { py: '1' } }}>
      {sum && <Leavening sum={sum} place={place} />}
      <Shares total={total} />
    </Box>
  );
}

const directions: Record<LeaveningSum['direction'], string> = {
  alkaline: 'alkaline',
  acid: 'on the sour side',
  neutral: 'neutral',
};
const two = (value: number) => formatNumber(Number(value.toPrecision(2)));
/** The gas as it is in a hot crumb, °C. */
const crumbC = 98;

function Leavening({ sum, place }: { sum: LeaveningSum; place: Place | null }) {
  const litres = gasVolumeL(sum.carbonDioxideMol, crumbC, pressureAtAltitude(place?.altitudeM ?? 0));
  const left = sum.bicarbonateLeftG;
  return (
    <Box data-anchor="formula:leavening">
      <Box as="span" fontWeight="semibold" mr="2">
        Leavening
      </Box>
      {two(sum.carbonDioxideG)} g of gas, {two(litres)} L in the hot crumb
      {left > 0.05 && `; ${two(left)} of ${two(sum.bicarbonateG)} g soda left over`};{' '}
      {directions[sum.direction]}{' '}
      <WorkingPopover
        title="Soda against acid"
        working={workingOf([
          { text: 'soda', value: sum.bicarbonateG, unit: 'g' },
          ...sum.acids.map(({ acid, massG }) => ({
            text: `${formatNumber(Number(massG.toPrecision(3)))} g ${acid.name} takes`,
            value: (massG * acid.neutralisingValue) / 100,
            unit: 'g of soda',
          })),
          { text: 'of powder and self-raising flour', value: sum.ownG, unit: 'g of gas' },
          { text: 'gas in all', value: sum.carbonDioxideG, unit: 'g' },
          { text: `V = n R T / p at ${crumbC} °C, where you are`, value: litres, unit: 'L' },
          { text: 'soda left over', value: left, unit: 'g' },
        ])}
      >
        <WordButton fontSize="sm" css={{ fontWeight: 'medium', color: 'soft' }}>
          working
        </WordButton>
      </WorkingPopover>
    </Box>
  );
}

const { fields } = portionsShape;

/** “One batch makes 6 pieces of 76 g, in 1 vessel of 900 ml; it rises to 1.8 times.” */
function Shares({ total }: { total: number }) {
  const { plan, edit } = usePlan();
  const { portions } = plan;
  const set = (patch: Partial<Portions>) =>
    edit('portions', (was) => ({ ...was, portions: { ...was.portions, ...patch } }));
  const field = (
    label: string,
    key: 'pieces' | 'pieceG' | 'pieceMl' | 'vesselMl' | 'atOnce' | 'trayCm2' | 'sheetMm',
    placeholder: string,
    unit = '',
  ) => (
    <NumberField
      label={label}
      value={portions[key]}
      {...range(fields[key])}
      unit={unit}
      mayBeEmpty
      placeholder={placeholder}
      chars={3}
      align="center"
      onValue={(value) => set({ [key]: value })}
    />
  );
  return (
    <Flex gap="1.5" wrap="wrap" align="baseline" data-anchor="formula:portions">
      <Box fontWeight="semibold" mr="0.5">
        One batch
      </Box>
      {total > 0 && <Box color="soft">{formatNumber(Math.round(total))} g</Box>}
      <span>makes</span>
      {field('Pieces of a batch', 'pieces', 'how many')}
      <span>of</span>
      {field('Grams of a piece', 'pieceG', '?', 'g')}
      <span>g, scooped</span>
      {field('Millilitres of a piece', 'pieceMl', '?', 'ml')}
      <span>ml; in</span>
      <NumberField
        label="Vessels of a batch"
        value={portions.vessels}
        {...range(fields.vessels)}
        chars={2}
        align="center"
        onValue={(value) => set({ vessels: value ?? 1 })}
      />
      <span>{portions.vessels === 1 ? 'vessel of' : 'vessels of'}</span>
      {field('Millilitres of a vessel', 'vesselMl', 'any', 'ml')}
      <span>ml, rising to</span>
      <NumberField
        label="Rises to so many times"
        value={portions.rise}
        {...range(fields.rise)}
        chars={3}
        align="center"
        onValue={(value) => set({ rise: value ?? 1 })}
      />
      <span>times;</span>
      {field('Pieces at once', 'atOnce', 'all')}
      <span>at once; in a tray of</span>
      {field('Square centimetres of a tray', 'trayCm2', 'any', 'cm²')}
      <span>cm² in</span>
      <NumberField
        label="Layers in a tray"
        value={portions.layers}
        {...range(fields.layers)}
        chars={2}
        align="center"
        onValue={(value) => set({ layers: value ?? 1 })}
      />
      <span>
        {portions.layers === 1 ? 'layer' : 'layers'}
        {stands(portions, total)}; rolled
      </span>
      {field('Millimetres a dough is rolled to', 'sheetMm', '?', 'mm')}
      <span>mm thick{covers(portions, total)}</span>
    </Flex>
  );
}

/** Density of a batter or dough before it rises, g/ml (common practice). */
const batterGPerMl = 1.05;

/** “, 7 mm deep”. */
function stands({ trayCm2, vessels, layers }: Portions, total: number): string {
  if (trayCm2 === null || total <= 0) return '';
  return `, each ${formatNumber(Number(depthMm(total / batterGPerMl, trayCm2, vessels, layers).toPrecision(2)))} mm deep`;
}

/** “, a sheet of 14 × 14 cm”. */
function covers({ sheetMm }: Portions, total: number): string {
  if (sheetMm === null || total <= 0) return '';
  const side = Math.sqrt(sheetCm2(total / batterGPerMl, sheetMm));
  return `, a sheet of about ${formatNumber(Math.round(side))} × ${formatNumber(Math.round(side))} cm`;
}
