import { Box, Flex, Heading } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { formatNumber, listed } from '../../core/format';
import { measures, measuresFor, measuresSource, responsesOf, type Measure } from '../../core/measures';
import { phenomenaIn, phenomenonCalled } from '../../core/phenomena';
import { planShape, type Plan, type Response } from '../../core/practical';
import { roomIn } from '../../core/shape';
import { useOwnMeasures, useRemoveMeasure } from '../api/measure-queries';
import { newId } from '../ui/lists';
import { MainButton, WordButton } from '../ui/Button';
import { ChoiceItem } from '../ui/ChoiceItem';
import { PlainDialog } from '../ui/PlainDialog';
import { Sketch } from './Sketch';

interface MeasuresDialogProps {
  plan: Plan;
  onChoose(responses: Response[]): void;
  onClose(): void;
}

type Chosen = { kind: 'known'; measure: Measure } | { kind: 'own'; measure: Response };

/** The measures of the trade and of the school: how each is taken, and one press writes it into the plan. */
export function MeasuresDialog({ plan, onChoose, onClose }: MeasuresDialogProps) {
  const found = useMemo(() => phenomenaIn(plan), [plan]);
  const sorted = useMemo(() => measuresFor([...found.asked, ...found.onTheWay]), [found]);
  const { data: own = [] } = useOwnMeasures();
  const [chosen, setChosen] = useState<Chosen>({
    kind: 'known',
    measure: sorted[0]?.measure ?? measures[0]!,
  });
  const fitting = sorted.filter(({ fits }) => fits);
  const others = sorted.filter(({ fits }) => !fits);
  const button = ({ measure }: { measure: Measure }) => (
    <ChoiceItem
      key={measure.id}
      aria-pressed={chosen.kind === 'known' && chosen.measure.id === measure.id}
      onClick={() => setChosen({ kind: 'known', measure })}
    >
      {measure.name}
    </ChoiceItem>
  );
  return (
    <PlainDialog title="What is measured, and how" size="xl" onClose={onClose}>
      <Flex gap="7" direction={{ base: 'column', md: 'row' }}>
        <Box w={{ md: '17rem' }} flexShrink={0}>
          {fitting.length > 0 && <ListHead>For what this practical is about</ListHead>}
          {fitting.map(button)}
          {own.length > 0 && <ListHead>Your school’s own</ListHead>}
          {own.map((measure) => (
            <ChoiceItem
              key={measure.id}
              aria-pressed={chosen.kind === 'own' && chosen.measure.id === measure.id}
              onClick={() => setChosen({ kind: 'own', measure })}
            >
              {measure.name}
            </ChoiceItem>
          ))}
          <ListHead>{fitting.length > 0 ? 'All others' : 'All'}</ListHead>
          {others.map(button)}
        </Box>
        <Box flex="1" minW="0" position={{ md: 'sticky' }} top="0" alignSelf="flex-start">
          {chosen.kind === 'known' ? (
            <Known measure={chosen.measure} plan={plan} onChoose={onChoose} />
          ) : (
            <Own measure={chosen.measure} plan={plan} onChoose={onChoose} />
          )}
        </Box>
      </Flex>
    </PlainDialog>
  );
}

const ListHead = ({ children }: { children: string }) => (
  <Box fontSize="sm" color="soft" px="3" pt="2.5" pb="0.5">
    {children}
  </Box>
);

/** Whether the plan has room for so many more lines. */
const hasRoom = (plan: Plan, more: number) => roomIn(planShape.fields.responses, plan.responses) >= more;

interface DetailProps<M> {
  measure: M;
  plan: Plan;
  onChoose(responses: Response[]): void;
}

function Known({ measure, plan, onChoose }: DetailProps<Measure>) {
  const { name, how, sketch, lines, repeat, gives, phenomena } = measure;
  const computed = lines.filter((line) => line.formula);
  const read = lines.filter((line) => !line.formula);
  return (
    <>
      <Heading as="h3" fontFamily="heading" fontSize="xl" fontWeight="semibold">
        {name}
      </Heading>
      <Flex gap="5" mt="2" direction={{ base: 'column', sm: 'row' }}>
        <Box bg="paper" borderRadius="8px" p="2" flexShrink={0} alignSelf="flex-start">
          <Sketch id={sketch} />
        </Box>
        <Box fontSize="lg" lineHeight="1.4">
          {how}
        </Box>
      </Flex>
      <Box as="dl" mt="4" display="grid" gridTemplateColumns="9rem 1fr" rowGap="1.5" columnGap="3">
        <Fact name="Read">
          {read.map((line) => (
            <Box key={line.name}>
              {line.name}
              {line.unit && `, ${line.unit}`}
              {line.instrument && (
                <Box as="span" color="soft">
                  {' '}
                  with {line.instrument}
                  {typeof line.smallestDivision === 'number' && `, to ${formatNumber(line.smallestDivision)}`}
                  {line.points && `: ${line.points.join(', ')}`}
                </Box>
              )}
            </Box>
          ))}
        </Fact>
        {computed.length > 0 && (
          <Fact name="Computed">
            {computed.map((line) => (
              <Box key={line.name}>
                {line.name}, {line.unit} = {line.formula}
              </Box>
            ))}
          </Fact>
        )}
        <Fact name="Gives">{gives}</Fact>
        {repeat && (
          <Fact name="Usual spread">
            Stations that do the same differ by about ±{formatNumber(repeat.sd)} {lines.at(-1)!.unit} (one
            standard deviation; {repeat.at}). From memory of school practice: your own repeats know better.
          </Fact>
        )}
        {phenomena.length > 0 && (
          <Fact name="Answers to">{listed(phenomena.map((id) => phenomenonCalled(id).name))}</Fact>
        )}
      </Box>
      <Choose
        room={hasRoom(plan, lines.length)}
        onChoose={() => onChoose(responsesOf(measure, plan.responses, newId))}
      />
      <Box fontSize="xs" color="soft" mt="3">
        {measuresSource.text}
      </Box>
    </>
  );
}

function Own({ measure, plan, onChoose }: DetailProps<Response>) {
  const remove = useRemoveMeasure();
  const { name, unit, instrument, smallestDivision, how, repeatSd, formula } = measure;
  const lines = { lines: [measure], how, repeat: repeatSd === null ? null : { sd: repeatSd, at: '' } };
  return (
    <>
      <Heading as="h3" fontFamily="heading" fontSize="xl" fontWeight="semibold">
        {name}
      </Heading>
      {how && (
        <Box fontSize="lg" mt="2">
          {how}
        </Box>
      )}
      <Box mt="2">
        {[
          unit && `in ${unit}`,
          formula ? `computed as ${formula}` : instrument && `with ${instrument}`,
          smallestDivision !== null && `to ${formatNumber(smallestDivision)}`,
          repeatSd !== null && `stations usually differ by ±${formatNumber(repeatSd)} ${unit}`,
        ]
          .filter(Boolean)
          .join(', ')}
      </Box>
      <Choose room={hasRoom(plan, 1)} onChoose={() => onChoose(responsesOf(lines, plan.responses, newId))} />
      <WordButton
        mt="3"
        fontSize="sm"
        css={{ fontWeight: 'medium', color: 'soft' }}
        disabled={remove.isPending}
        onClick={() => remove.mutate(measure.id)}
      >
        take it out of the school’s measures
      </WordButton>
    </>
  );
}

function Fact({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <>
      <Box as="dt" color="soft">
        {name}
      </Box>
      <Box as="dd">{children}</Box>
    </>
  );
}

function Choose({ room, onChoose }: { room: boolean; onChoose(): void }) {
  if (!room) {
    return (
      <Box mt="4" color="amberInk" fontWeight="medium">
        The plan has no room for more that is measured. Remove something first.
      </Box>
    );
  }
  return (
    <Box mt="4">
      <MainButton onClick={onChoose}>Measure this</MainButton>
    </Box>
  );
}
