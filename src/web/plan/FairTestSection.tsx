import { Box, Flex } from '@chakra-ui/react';
import { NotebookPen } from 'lucide-react';
import { syrupOfFormula } from '../../core/batch';
import { formatNumber } from '../../core/format';
import { type FactorKind, type Plan, type Thermometer } from '../../core/practical';
import { seaLevelBoilingC } from '../../core/water';
import { Choice, NumberField, TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { LevelPicture } from './LevelPicture';
import { AddLine, RemoveButton } from './line-tools';
import { newId, withItem, without } from './lists';
import { ResponseLines } from './ResponseLines';
import { RoomLine } from './RoomLine';
import { Row } from './Row';
import { Section } from './Section';

const kinds: readonly (readonly [FactorKind, string])[] = [
  ['target', 'a temperature at which a step ends'],
  ['number', 'a number'],
  ['words', 'a choice in words'],
];

/** What changes, what is measured, what stays, where: the fair test as a picture and in sentences. */
export function FairTestSection() {
  const { plan, edit } = usePlan();
  const { factor } = plan;
  return (
    <Section name="Fair test" anchor="fair-test">
      <Row name="We change">
        <Box as="span" fontWeight="bold" fontSize="lg">
          <TextField
            label="What changes"
            most={80}
            value={factor.name}
            placeholder="one thing"
            chars={1}
            onValue={(name) => edit('factor', (was) => ({ ...was, factor: { ...was.factor, name } }))}
          />
        </Box>
        <Box as="span" color="soft" ml="2">
          <Choice
            label="Kind of factor"
            value={factor.kind}
            options={kinds}
            onValue={(kind) => edit('factor-kind', (was) => withKind(was, kind))}
          />
          {factor.kind === 'number' && (
            <>
              {' in '}
              <TextField
                label="Unit of the factor"
                most={20}
                value={factor.unit}
                placeholder="unit"
                chars={1}
                onValue={(unit) =>
                  edit('factor-unit', (was) => ({ ...was, factor: { ...was.factor, unit } }))
                }
              />
            </>
          )}
        </Box>
      </Row>
      <LevelPicture />
      <ResponseLines />
      <HeldLines />
      <NotedLines />
      <ThermometerLine />
      <RoomLine />
    </Section>
  );
}

/** Changing the kind keeps every level: numbers become words and words that are numbers become numbers. */
function withKind(plan: Plan, kind: FactorKind): Plan {
  const levels = plan.factor.levels.map((level) => {
    const number = Number(level.words.replace(',', '.'));
    return {
      ...level,
      words: level.words || (level.value === null ? '' : formatNumber(level.value)),
      value: level.value ?? (level.words.trim() !== '' && Number.isFinite(number) ? number : null),
    };
  });
  const thermometer: Thermometer =
    kind === 'target' && plan.thermometer.in === 'none'
      ? { ...plan.thermometer, in: syrupOfFormula(plan, seaLevelBoilingC) ? 'syrup' : 'food' }
      : plan.thermometer;
  return { ...plan, thermometer, factor: { ...plan.factor, kind, levels } };
}

function HeldLines() {
  const { plan, edit } = usePlan();
  return (
    <Row name="We keep">
      {plan.held.map((held) => (
        <Flex key={held.id} data-anchor={`fair-test:${held.id}`} align="baseline" gap="1.5" role="group">
          <TextField
            label="What is kept"
            needed
            most={120}
            value={held.what}
            chars={1}
            onValue={(what) =>
              edit(held.id, (was) => ({ ...was, held: withItem(was.held, held.id, { what }) }))
            }
          />
          <Box as="span" color="soft">
            by
          </Box>
          <Box flex="1">
            <TextField
              label={`How ${held.what} is kept`}
              value={held.how}
              placeholder="how?"
              chars={1}
              onValue={(how) =>
                edit(`${held.id}-how`, (was) => ({ ...was, held: withItem(was.held, held.id, { how }) }))
              }
            />
          </Box>
          <RemoveButton
            what={held.what}
            onClick={() => edit(`${held.id}-gone`, (was) => ({ ...was, held: without(was.held, held.id) }))}
          />
        </Flex>
      ))}
      <AddLine
        label="Add what is kept the same"
        full={plan.held.length >= 20}
        placeholder={
          plan.held.length === 0 ? 'what is kept the same, by how' : 'something else, by how it is kept'
        }
        onAdd={(text) => {
          const [what = '', ...how] = text.split(/\s+by\s+/);
          edit('held', (was) => ({
            ...was,
            held: [...was.held, { id: newId(), what, how: how.join(' by ') }],
          }));
        }}
      />
    </Row>
  );
}

function NotedLines() {
  const { plan, edit } = usePlan();
  return (
    <Row name="We note">
      <Flex wrap="wrap" columnGap="4" align="baseline">
        {plan.noted.map((noted) => (
          <Flex key={noted.id} align="baseline" gap="0.5" role="group">
            <Box asChild color="soft" alignSelf="center">
              <NotebookPen size={13} aria-hidden />
            </Box>
            <TextField
              label="What is noted"
              needed
              most={120}
              value={noted.what}
              onValue={(what) =>
                edit(noted.id, (was) => ({ ...was, noted: withItem(was.noted, noted.id, { what }) }))
              }
            />
            <RemoveButton
              what={noted.what}
              onClick={() =>
                edit(`${noted.id}-gone`, (was) => ({ ...was, noted: without(was.noted, noted.id) }))
              }
            />
          </Flex>
        ))}
        <AddLine
          label="Add what is noted"
          full={plan.noted.length >= 20}
          placeholder="what can’t be held"
          onAdd={(what) => edit('noted', (was) => ({ ...was, noted: [...was.noted, { id: newId(), what }] }))}
        />
      </Flex>
    </Row>
  );
}

const dips: readonly (readonly [Thermometer['in'], string])[] = [
  ['syrup', 'in the boiling syrup'],
  ['food', 'in the food or the water'],
  ['none', 'nowhere: no temperatures'],
];

function ThermometerLine() {
  const { plan, edit } = usePlan();
  const { thermometer } = plan;
  const change = (line: string, patch: Partial<Thermometer>) =>
    edit(line, (was) => ({ ...was, thermometer: { ...was.thermometer, ...patch } }));
  return (
    <Row name="Thermometer">
      <span data-anchor="fair-test:thermometer">
        <Choice
          label="Where the thermometer goes"
          value={thermometer.in}
          options={dips}
          onValue={(dip) => change('thermometer', { in: dip })}
        />
        {thermometer.in !== 'none' && (
          <>
            , reads to{' '}
            <NumberField
              label="Smallest division"
              value={thermometer.smallestDivisionC}
              low={0.01}
              high={10}
              unit="°C"
              chars={1}
              onValue={(value) => change('division', { smallestDivisionC: value! })}
            />{' '}
            °C
          </>
        )}
      </span>
    </Row>
  );
}
