import { Box } from '@chakra-ui/react';
import { formatNumber } from '../../core/format';
import { heatingUp } from '../../core/heat';
import { boilingIn } from '../../core/practical';
import { ringShape } from '../../core/room';
import { isFull, itemOf, range, roomIn, type Shape } from '../../core/shape';
import { DraftField } from '../ui/DraftField';
import { NumberField, parseNumber } from '../ui/fields';
import { MoreButton, RemoveButton } from '../ui/line-tools';
import { withoutAt, withPatchAt } from '../ui/lists';
import { fieldOf, ThingNumber, type ThingInPlace } from './ThingNumber';

const marks = ringShape.fields.watts;
const watt = range(itemOf(marks) as Shape<number>);

/** Numbers with spaces between them. */
function WattsField({ value, onValue }: { value: number[]; onValue(value: number[]): void }) {
  return (
    <DraftField
      label="Watts at each mark"
      value={value}
      format={(list) => list.map((one) => formatNumber(one)).join(' ')}
      parse={(text) => {
        const list = text
          .trim()
          .split(/[\s;]+/)
          .filter(Boolean)
          .map(parseNumber);
        const sound =
          !isFull(marks, list.slice(1)) &&
          list.every((one) => one !== null && one >= watt.low && one <= watt.high);
        return sound
          ? { value: list as number[] }
          : {
              error: `Watts at each mark are “${text}”; allowed: up to ${roomIn(marks, [])} numbers from ${watt.low} to ${watt.high} W, the lowest mark first`,
            };
      }}
      onValue={onValue}
      chars={8}
      css={{ borderBottom: '1px dashed', borderBottomColor: 'rule' }}
    />
  );
}

/** Rings of a hob with the watts of their marks, and what that makes of a pan of water. */
export function HobDetails({ one, place, onChange }: ThingInPlace<'hob'>) {
  const { boilingC } = boilingIn(place);
  return (
    <>
      {one.rings.map((ring, at) => {
        const most = Math.max(0, ...ring.watts);
        return (
          <Box key={at} role="group">
            ring of{' '}
            <NumberField
              {...{ label: 'Across', value: ring.cm, ...range(ringShape.fields.cm), unit: 'cm', chars: 2 }}
              onValue={(cm) => onChange({ rings: withPatchAt(one.rings, at, { cm: cm! }) })}
            />{' '}
            cm:{' '}
            <WattsField
              value={ring.watts}
              onValue={(watts) => onChange({ rings: withPatchAt(one.rings, at, { watts }) })}
            />{' '}
            W
            {one.rings.length > 1 && (
              <RemoveButton
                what={`ring ${at + 1}`}
                onClick={() => onChange({ rings: withoutAt(one.rings, at) })}
              />
            )}
            {most > 0 && (
              <Box color="soft" fontSize="sm" lineHeight="1.4">
                1 L from 15 °C boils in {boilsIn(1000, boilingC, most)} with its lid, ½ L in{' '}
                {boilsIn(500, boilingC, most)}
              </Box>
            )}
          </Box>
        );
      })}
      {!isFull(fieldOf('hob', 'rings'), one.rings) && (
        <MoreButton
          onClick={() => onChange({ rings: [...one.rings, { cm: 18, watts: [300, 600, 1200, 1800] }] })}
        >
          one more ring
        </MoreButton>
      )}
      <Box>
        goes on heating for{' '}
        <ThingNumber
          {...{ one, of: 'lagMin', label: 'Goes on heating for', unit: 'min' }}
          onValue={(lagMin) => onChange({ lagMin: lagMin! })}
        />{' '}
        min after it is turned down
      </Box>
    </>
  );
}

/** “5 min”; what never boils says so. */
function boilsIn(waterG: number, boilingC: number, watts: number): string {
  try {
    return `about ${formatNumber(Math.round(2 * heatingUp(waterG, 15, boilingC, watts, true).minutes) / 2)} min`;
  } catch {
    return 'never';
  }
}
