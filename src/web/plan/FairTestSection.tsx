import { Box, Flex } from '@chakra-ui/react';
import { NotebookPen } from 'lucide-react';
import { memo, Suspense, useState } from 'react';
import { partLater } from '../offline/part-later';
import { factorsWithLevels, heldShape, notedShape, planShape } from '../../core/practical';
import { isFull, longest, range } from '../../core/shape';
import { WordButton } from '../ui/Button';
import { Choice, NumberField, TextField } from '../ui/fields';
import { usePlan } from './edit-context';
import { FactorLine } from './FactorLine';
import { mayCross, newFactor } from './factors';
import { LevelPicture } from './LevelPicture';
import { AddLine, RemoveButton } from '../ui/line-tools';
import { newId, withItem, without } from '../ui/lists';
import { ResponseLines } from './ResponseLines';
import { RoomLine } from './RoomLine';
import { Row } from './Row';
import { Section } from '../ui/Section';
import { ThermometerLines } from './ThermometerLines';
import { TreatmentGrid } from './TreatmentGrid';

const Expectations = partLater(() => import('./Expectations').then((one) => one.Expectations));

/** What changes, what is measured, what stays, where: the fair test as a picture and in sentences. */
export const FairTestSection = memo(function FairTestSection() {
  const { plan, edit } = usePlan();
  // The open line of an empty plan: it comes into the plan with its first letter.
  const [first] = useState(newFactor);
  const factors = plan.factors.length === 0 ? [first] : plan.factors;
  return (
    <Section name="Fair test" anchor="fair-test">
      {factors.map((factor, i) => (
        <Box key={factor.id}>
          <Row name={i === 0 ? 'We change' : 'and'}>
            <FactorLine factor={factor} alone={factors.length === 1} />
          </Row>
          <LevelPicture factor={factor} />
        </Box>
      ))}
      {factorsWithLevels(plan).length > 1 && <TreatmentGrid />}
      <Flex
        wrap="wrap"
        columnGap="4"
        rowGap="1"
        align="baseline"
        color="soft"
        fontSize="sm"
        pl={{ base: 0, sm: '6.95rem' }}
        mb="3"
      >
        <span>
          <NumberField
            label="Stations"
            value={plan.stations}
            {...range(planShape.fields.stations)}
            chars={1}
            onValue={(stations) => edit('stations', (was) => ({ ...was, stations: stations! }))}
          />{' '}
          stations,{' '}
          <Choice
            label="Order of levels"
            value={plan.order}
            options={[
              ['shuffled', 'drawn by lot'],
              ['in-blocks', 'drawn by lot, row by row'],
              ['as-listed', 'in the order listed'],
            ]}
            onValue={(order) => edit('order', (was) => ({ ...was, order }))}
          />
        </span>
        {mayCross(plan) && (
          <WordButton
            fontSize="sm"
            css={{ fontWeight: 'medium', color: 'soft' }}
            onClick={() =>
              edit('second-factor', (was) => ({ ...was, factors: [...was.factors, newFactor()] }))
            }
          >
            change a second thing as well
          </WordButton>
        )}
      </Flex>
      {factorsWithLevels(plan).length > 0 && (
        <Suspense fallback={null}>
          <Expectations />
        </Suspense>
      )}
      <ResponseLines />
      <HeldLines />
      <NotedLines />
      <ThermometerLines />
      <RoomLine />
    </Section>
  );
});

function HeldLines() {
  const { plan, edit } = usePlan();
  return (
    <Row name="We keep">
      {plan.held.map((held) => (
        <Flex key={held.id} data-anchor={`fair-test:${held.id}`} align="baseline" gap="1.5" role="group">
          <TextField
            label="What is kept"
            needed
            most={longest(heldShape.fields.what)}
            value={held.what}
            chars={1}
            onValue={(what) =>
              edit(held.id, (was) => ({ ...was, held: withItem(was.held, held.id, { what }) }))
            }
          />
          <Box as="span" color="soft">
            by
          </Box>
          <Box flex="1" minW="0">
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
        full={isFull(planShape.fields.held, plan.held)}
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
              most={longest(notedShape.fields.what)}
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
          full={isFull(planShape.fields.noted, plan.noted)}
          placeholder="what can’t be held"
          onAdd={(what) =>
            edit('noted', (was) => ({ ...was, noted: [...was.noted, { id: newId(), what, unit: '' }] }))
          }
        />
      </Flex>
    </Row>
  );
}
