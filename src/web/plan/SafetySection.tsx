import { Box, chakra, Flex } from '@chakra-ui/react';
import { memo, useMemo } from 'react';
import { Link as RouterLink, useParams } from 'react-router';
import type { OnPacks } from '../../core/batch';
import { planShape, riskShape, type Plan, type Risk } from '../../core/practical';
import { allergenLines, riskLines, type RiskLine } from '../../core/risk';
import { isFull, longest } from '../../core/shape';
import { WordButton } from '../ui/Button';
import { Choice, TextField } from '../ui/fields';
import { noPacks, useOnPacks } from '../api/prep-queries';
import { useRiskScale } from '../api/risk-scale';
import { usePlan, type Edit } from './edit-context';
import { AddLine } from '../ui/line-tools';
import { newId } from '../ui/lists';
import { Section } from '../ui/Section';

const Head = chakra('th', {
  base: { pb: '1', pr: '3', fontWeight: 'medium', color: 'soft', fontSize: 'sm', textAlign: 'left' },
});
const Cell = chakra('td', { base: { py: '1.5', pr: '3', verticalAlign: 'top' } });

/** The risk assessment as it grows from steps and ingredients; every line can be put otherwise, and says where it came from. */
export const SafetySection = memo(function SafetySection() {
  const { plan, place, edit } = usePlan();
  const { practicalId } = useParams();
  const { onPacks = noPacks } = useOnPacks();
  const lines = useMemo(() => riskLines(plan, place, onPacks), [plan, place, onPacks]);
  const scale = useRiskScale(plan);
  const apply = lines.filter((line) => !line.leftOut);
  const out = lines.filter((line) => line.leftOut);
  return (
    <Section name="Safety" anchor="safety">
      {apply.length > 0 && (
        <Box overflowX="auto">
          <chakra.table w="100%" css={{ borderCollapse: 'collapse' }} fontSize="sm">
            <thead>
              <chakra.tr borderBottomWidth="1px" borderColor="rule">
                <Head w="20%">What could harm</Head>
                <Head w="15%">Whom</Head>
                <Head>What we do about it</Head>
                <Head w="9%">Remains</Head>
                <Head w="12%">Checked by</Head>
              </chakra.tr>
            </thead>
            <tbody>
              {apply.map((line) => (
                <RiskRow key={line.id} line={line} scale={scale} edit={edit} />
              ))}
            </tbody>
          </chakra.table>
        </Box>
      )}
      <Flex mt="1.5" gap="4" wrap="wrap" align="baseline" justify="space-between">
        <AddLine
          label="Add a risk"
          most={longest(riskShape.fields.hazard)}
          full={isFull(planShape.fields.risks, plan.risks)}
          placeholder="a risk of your own, such as wet floor at the sink"
          onAdd={(hazard) => {
            const risk: Risk = {
              id: `own:${newId()}`,
              hazard,
              who: 'students',
              control: '',
              remains: 0,
              checkedBy: 'teacher',
              leftOut: false,
            };
            edit('risks', (was) => ({ ...was, risks: [...was.risks, risk] }));
          }}
        />
        <Flex
          asChild
          minH="32px"
          align="center"
          color="tawnyDeep"
          fontWeight="semibold"
          textDecoration="underline"
          textUnderlineOffset="3px"
        >
          <RouterLink to={`/practicals/${practicalId}/risk`}>risk assessment to print</RouterLink>
        </Flex>
        <WordButton asChild>
          <RouterLink to={`/practicals/${practicalId}/home`}>sheet for home</RouterLink>
        </WordButton>
      </Flex>
      {out.length > 0 && <LeftOut lines={out} edit={edit} />}
      <Allergens plan={plan} onPacks={onPacks} />
    </Section>
  );
});

/** The plan with one line of the assessment put otherwise; lines that were never touched are not stored. */
function withRisk(
  was: Plan,
  { id, hazard, who, control, remains, checkedBy, leftOut }: RiskLine,
  patch: Partial<Risk>,
): Plan {
  const next = { id, hazard, who, control, remains, checkedBy, leftOut, ...patch };
  const known = was.risks.some((risk) => risk.id === id);
  return {
    ...was,
    risks: known ? was.risks.map((risk) => (risk.id === id ? next : risk)) : [...was.risks, next],
  };
}

const withoutRisk = (was: Plan, id: string): Plan => ({
  ...was,
  risks: was.risks.filter((risk) => risk.id !== id),
});

function RiskRow({ line, scale, edit }: { line: RiskLine; scale: readonly string[]; edit: Edit }) {
  const change = (patch: Partial<Risk>) => edit(`risk-${line.id}`, (was) => withRisk(was, line, patch));
  const { fields } = riskShape;
  const own = line.id.startsWith('own:');
  return (
    <chakra.tr
      borderBottomWidth="1px"
      borderColor="rule"
      aria-label={line.hazard}
      data-anchor={`safety:${line.id}`}
    >
      <Cell>
        <Box fontWeight="semibold">
          {own ? (
            <TextField
              label="What could harm"
              multiline
              needed
              most={longest(fields.hazard)}
              value={line.hazard}
              onValue={(hazard) => change({ hazard })}
            />
          ) : (
            line.hazard
          )}
        </Box>
        <Box color="soft">{own ? 'your own' : line.origin}</Box>
      </Cell>
      <Cell>
        <TextField
          label={`Whom: ${line.hazard}`}
          multiline
          most={longest(fields.who)}
          value={line.who}
          onValue={(who) => change({ who })}
        />
      </Cell>
      <Cell>
        <TextField
          label={`Control: ${line.hazard}`}
          multiline
          most={longest(fields.control)}
          value={line.control}
          placeholder="what is done about it"
          onValue={(control) => change({ control })}
        />
        <RowActions line={line} edit={edit} onLeaveOut={() => change({ leftOut: true })} />
      </Cell>
      <Cell>
        <Choice
          label={`Remaining risk: ${line.hazard}`}
          value={String(line.remains)}
          options={scale.map((word, i) => [String(i), word] as const)}
          onValue={(value) => change({ remains: Number(value) })}
        />
      </Cell>
      <Cell>
        <TextField
          label={`Checked by: ${line.hazard}`}
          most={longest(fields.checkedBy)}
          value={line.checkedBy}
          onValue={(checkedBy) => change({ checkedBy })}
        />
      </Cell>
    </chakra.tr>
  );
}

interface RowActionsProps {
  line: RiskLine;
  edit: Edit;
  onLeaveOut(): void;
}

/** Back to what was proposed, or out of the list. */
function RowActions({ line, edit, onLeaveOut }: RowActionsProps) {
  const own = line.id.startsWith('own:');
  return (
    <Flex gap="3">
      {line.changed && (
        <WordButton
          fontSize="sm"
          css={{ fontWeight: 'medium', color: 'soft' }}
          onClick={() => edit('risks', (was) => withoutRisk(was, line.id))}
        >
          as proposed
        </WordButton>
      )}
      <WordButton
        fontSize="sm"
        css={{ fontWeight: 'medium', color: 'soft' }}
        aria-label={`${own ? 'Remove' : 'Does not apply'}: ${line.hazard}`}
        onClick={() => (own ? edit('risks', (was) => withoutRisk(was, line.id)) : onLeaveOut())}
      >
        {own ? 'remove' : 'does not apply'}
      </WordButton>
    </Flex>
  );
}

function LeftOut({ lines, edit }: { lines: RiskLine[]; edit: Edit }) {
  return (
    <Flex mt="2" gap="3" wrap="wrap" fontSize="sm" color="soft">
      <span>Said not to apply:</span>
      {lines.map((line) => (
        <span key={line.id}>
          {line.hazard.toLowerCase()}{' '}
          <WordButton
            fontSize="sm"
            css={{ fontWeight: 'medium' }}
            onClick={() => edit('risks', (was) => withoutRisk(was, line.id))}
          >
            put back
          </WordButton>
        </span>
      ))}
    </Flex>
  );
}

/** Allergens of the batch, what brings them in, and what could stand in for it. */
function Allergens({ plan, onPacks }: { plan: Plan; onPacks: OnPacks }) {
  const lines = allergenLines(plan, onPacks);
  if (lines.length === 0) return null;
  return (
    <Box mt="3" fontSize="sm">
      <Box fontWeight="semibold" mb="0.5">
        Allergens
      </Box>
      {lines.map((line) => (
        <Box key={line.id} py="0.5">
          <Box as="span" fontWeight="semibold">
            {line.often ? `perhaps ${line.name}` : line.name}
          </Box>{' '}
          <Box as="span" color="soft">
            in {line.from.join(', ')}
            {line.often && '; its label decides'}
            {line.instead.length > 0 && ` · instead: ${line.instead.join('; ')}`}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
