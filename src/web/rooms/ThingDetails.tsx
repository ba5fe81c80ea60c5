import { Box, Flex, Heading } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { formatNumber } from '../../core/format';
import { heatingUp } from '../../core/heat';
import { boilingIn, type Place } from '../../core/practical';
import { checkWords, type Equipment } from '../../core/room';
import { WordButton } from '../ui/Button';
import { DraftField } from '../ui/DraftField';
import { Choice, NumberField, parseNumber, TextField } from '../ui/fields';
import { MoreButton, RemoveButton } from '../ui/line-tools';
import { withoutAt, withPatchAt } from '../ui/lists';

interface DetailsProps<K extends Equipment['kind'] = Equipment['kind']> {
  one: Extract<Equipment, { kind: K }>;
  place: Place;
  onChange(patch: Partial<Extract<Equipment, { kind: K }>>): void;
}

/** All that is known of one thing of a room. */
export function ThingDetails({ onTakeAway, ...props }: DetailsProps & { onTakeAway(): void }) {
  const { one, onChange } = props;
  return (
    <Box as="section" aria-label={one.name} mt="5">
      <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" mb="1">
        <TextField label="Name" value={one.name} needed most={60} onValue={(name) => onChange({ name })} />
      </Heading>
      <Box lineHeight="1.7">{detailsOf(props)}</Box>
      <Flex gap="4" mt="3">
        {one.x !== null && (
          <WordButton fontSize="sm" onClick={() => onChange({ x: null, y: null })}>
            take it off the plan
          </WordButton>
        )}
        <WordButton fontSize="sm" onClick={onTakeAway}>
          the room has it no more
        </WordButton>
      </Flex>
    </Box>
  );
}

function detailsOf({ one, place, onChange }: DetailsProps): ReactNode {
  const number = (label: string, value: number, low: number, high: number, unit: string, field: string) => (
    <NumberField
      {...{ label, value, low, high, unit, chars: 2 }}
      onValue={(typed) => onChange({ [field]: typed })}
    />
  );
  switch (one.kind) {
    case 'station':
      return <Box color="soft">Station {one.number}. How many there are is said above.</Box>;
    case 'hob':
      return <HobDetails {...{ one, place, onChange }} />;
    case 'oven':
      return <OvenDetails {...{ one, place, onChange }} />;
    case 'refrigerator':
    case 'freezer':
      return (
        <>
          at{' '}
          {number(
            'Temperature',
            one.celsius,
            one.kind === 'freezer' ? -40 : -5,
            one.kind === 'freezer' ? 0 : 15,
            '°C',
            'celsius',
          )}{' '}
          °C
        </>
      );
    case 'microwave':
      return <>{number('Power', one.watts, 100, 3000, 'W', 'watts')} W</>;
    case 'kettle':
      return (
        <>
          {number('Holds', one.litres, 0.2, 20, 'L', 'litres')} L,{' '}
          {number('Power', one.watts, 100, 4000, 'W', 'watts')} W
        </>
      );
    case 'balance':
      return (
        <>
          reads to {number('Division', one.divisionG, 0.001, 50, 'g', 'divisionG')} g, carries{' '}
          {number('Capacity', one.capacityG, 1, 100_000, 'g', 'capacityG')} g
        </>
      );
    case 'thermometer':
      return <ThermometerDetails {...{ one, place, onChange }} />;
    case 'mixer':
    case 'sink':
      return null;
  }
}

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
        const sound = list.length <= 12 && list.every((one) => one !== null && one >= 10 && one <= 6000);
        return sound
          ? { value: list as number[] }
          : {
              error: `Watts at each mark are “${text}”; allowed: up to 12 numbers from 10 to 6000 W, the lowest mark first`,
            };
      }}
      onValue={onValue}
      chars={8}
      css={{ borderBottom: '1px dashed', borderBottomColor: 'rule' }}
    />
  );
}

function HobDetails({ one, place, onChange }: DetailsProps<'hob'>) {
  const { boilingC } = boilingIn(place);
  return (
    <>
      {one.rings.map((ring, at) => {
        const most = Math.max(0, ...ring.watts);
        return (
          <Box key={at} role="group">
            ring of{' '}
            <NumberField
              {...{ label: 'Across', value: ring.cm, low: 5, high: 60, unit: 'cm', chars: 2 }}
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
      {one.rings.length < 8 && (
        <MoreButton
          onClick={() => onChange({ rings: [...one.rings, { cm: 18, watts: [300, 600, 1200, 1800] }] })}
        >
          one more ring
        </MoreButton>
      )}
      <Box>
        goes on heating for{' '}
        <NumberField
          {...{ label: 'Goes on heating for', value: one.lagMin, low: 0, high: 20, unit: 'min', chars: 2 }}
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

function OvenDetails({ one, onChange }: DetailsProps<'oven'>) {
  const whole = (label: string, value: number, high: number, field: 'shelves' | 'traysPerShelf') => (
    <NumberField
      {...{ label, value, low: 1, high, whole: true, chars: 1 }}
      onValue={(typed) => onChange({ [field]: typed! })}
    />
  );
  return (
    <>
      {whole('Shelves', one.shelves, 10, 'shelves')} shelves of{' '}
      {whole('Trays a shelf', one.traysPerShelf, 8, 'traysPerShelf')} trays,{' '}
      <Choice
        label="Fan"
        value={one.fan ? 'fan' : 'none'}
        options={[
          ['fan', 'with a fan'],
          ['none', 'without a fan'],
        ]}
        onValue={(fan) => onChange({ fan: fan === 'fan' })}
      />
      <Box>
        at 180 °C after{' '}
        <NumberField
          {...{ label: 'Minutes to 180 °C', value: one.heatMin, low: 1, high: 90, unit: 'min', chars: 2 }}
          onValue={(heatMin) => onChange({ heatMin: heatMin! })}
        />{' '}
        min, from 220 down to 180 °C in{' '}
        <NumberField
          {...{ label: 'Minutes to cool', value: one.coolMin, low: 1, high: 120, unit: 'min', chars: 2 }}
          onValue={(coolMin) => onChange({ coolMin: coolMin! })}
        />{' '}
        min
      </Box>
      {one.truth.map(({ set, shows }, at) => (
        <Flex key={at} role="group" gap="1.5" align="baseline">
          <span>
            set to{' '}
            <NumberField
              {...{ label: 'Set to', value: set, low: 30, high: 320, unit: '°C', chars: 3 }}
              onValue={(typed) => onChange({ truth: withPatchAt(one.truth, at, { set: typed! }) })}
            />{' '}
            °C it is{' '}
            <NumberField
              {...{
                label: 'Thermometer in it shows',
                value: shows,
                low: 20,
                high: 350,
                unit: '°C',
                chars: 3,
              }}
              onValue={(typed) => onChange({ truth: withPatchAt(one.truth, at, { shows: typed! }) })}
            />{' '}
            °C
          </span>
          <RemoveButton what="this setting" onClick={() => onChange({ truth: withoutAt(one.truth, at) })} />
        </Flex>
      ))}
      {one.truth.length < 12 && (
        <MoreButton onClick={() => onChange({ truth: [...one.truth, { set: 180, shows: 180 }] })}>
          what a thermometer in it showed
        </MoreButton>
      )}
    </>
  );
}

const thermometerTypes = [
  ['probe', 'a probe'],
  ['liquid', 'liquid in glass'],
  ['infrared', 'infrared'],
  ['oven', 'for ovens'],
  ['dial', 'a dial'],
] as const;

function ThermometerDetails({ one, place, onChange }: DetailsProps<'thermometer'>) {
  const { boilingC } = boilingIn(place);
  const number = (
    label: string,
    field: 'lowC' | 'highC' | 'divisionC' | 'lineC',
    low: number,
    high: number,
  ) => (
    <NumberField
      {...{ label, value: one[field], low, high, unit: '°C', chars: 2 }}
      onValue={(typed) => onChange({ [field]: typed! })}
    />
  );
  const checked = (field: 'inIceC' | 'inBoilingC', label: string, low: number, high: number) => (
    <NumberField
      {...{ label, value: one[field], low, high, unit: '°C', chars: 3, mayBeEmpty: true, placeholder: '–' }}
      onValue={(typed) =>
        onChange({
          ...{ [field]: typed, checkedAt: typed === null ? one.checkedAt : Date.now() },
          ...(field === 'inBoilingC' && { boilingC: typed === null ? null : Math.round(boilingC * 10) / 10 }),
        })
      }
    />
  );
  const words = checkWords(one);
  return (
    <>
      <Choice
        label="Kind"
        value={one.type}
        options={thermometerTypes}
        onValue={(type) => onChange({ type })}
      />
      , from {number('Lowest', 'lowC', -100, 500)} to {number('Highest', 'highC', -50, 1000)} °C, reads to{' '}
      {number('Division', 'divisionC', 0.01, 20)} °C, lines every {number('Lines', 'lineC', 0.01, 50)} °C
      <Box>
        in ice {checked('inIceC', 'Shows in melting ice', -20, 20)} °C, in boiling water{' '}
        {checked('inBoilingC', 'Shows in boiling water', 70, 120)} °C
      </Box>
      <Box color="soft" fontSize="sm">
        {words ?? 'not checked yet'}
        {words &&
          one.checkedAt !== null &&
          `, checked ${new Date(one.checkedAt).toLocaleDateString('en-GB')}`}
      </Box>
    </>
  );
}
