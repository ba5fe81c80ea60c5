import { Box, Flex, Heading } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import type { Practical } from '../../contract/practicals';
import { capitalised, formatNumber } from '../../core/format';
import { homeSource, homeVersion, type HomeStep, type HomeVersion } from '../../core/home';
import { treatmentsOf, type Plan } from '../../core/practical';
import { usePractical } from '../api/queries';
import { PracticalFrame } from '../frame/PracticalFrame';
import { usePlanToPrint } from '../plan/use-plan-to-print';
import { Page } from '../paper/Page';
import type { PaperName } from '../paper/paper';
import { PaperChoice } from '../paper/PaperChoice';
import { Grid, Lines, Part } from '../paper/paper-parts';
import { usePaper } from '../paper/use-paper';
import { Aside } from '../ui/Aside';
import { Choice } from '../ui/fields';
import { Waiting } from '../ui/Notice';

/** The sheet for home: with whom, with what instead, where one can stop, how it is kept. */
export function HomePage() {
  const { practicalId } = useParams();
  const { data: practical, error } = usePractical(practicalId);
  if (!practical) return <Waiting error={error} />;
  return <Sheet practical={practical} />;
}

function Sheet({ practical }: { practical: Practical }) {
  const { plan, place } = usePlanToPrint(practical);
  const [paper, setPaper] = useState<PaperName>('A4');
  const treatments = treatmentsOf(plan);
  const [chosen, setChosen] = useState('');
  const home = useMemo(() => homeVersion(plan, place, chosen || null), [plan, place, chosen]);
  usePaper(paper);
  return (
    <PracticalFrame
      practical={{ ...practical, plan }}
      runId={null}
      at="Plan"
      keys={[{ keys: 'Ctrl P', does: 'print' }]}
    >
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" overflowX="auto" px={{ base: '3', md: '8' }} py="6" className="print-root">
          <HomeSheet plan={plan} home={home} paper={paper} />
        </Box>
        <Aside name="How to print" wide={288} px="5" className="no-print" py="6">
          <Box color="soft" fontSize="sm" mb="3">
            A draft from the plan. Read it as the parent will; what should be said otherwise is said in the
            plan. {homeSource.text}.
          </Box>
          {treatments.length > 1 && (
            <Box>
              Batch of{' '}
              <Choice
                label="Batch of"
                value={chosen}
                options={[
                  ['', 'the control'] as const,
                  ...treatments
                    .filter(({ control }) => !control)
                    .map(({ id, label }) => [id, label] as const),
                ]}
                onValue={setChosen}
              />
            </Box>
          )}
          <PaperChoice paper={paper} onPaper={setPaper} />
        </Aside>
      </Flex>
    </PracticalFrame>
  );
}

function HomeSheet({ plan, home, paper }: { plan: Plan; home: HomeVersion; paper: PaperName }) {
  return (
    <Page paper={paper} foot={`For home · ${plan.title}`}>
      <Heading as="h2" fontFamily="heading" fontSize="18pt" fontWeight="semibold" lineHeight="1.15">
        {plan.title}
      </Heading>
      <Box fontFamily="heading" fontSize="12.5pt" mt="1.5mm">
        {plan.question}
      </Box>
      {home.notAtHome.length > 0 && (
        <Box mt="3mm" borderLeftWidth="3px" borderColor="ember" pl="2mm">
          <strong>Not for home as it stands.</strong> {home.notAtHome.join(' ')}
        </Box>
      )}
      <Part name="Tick what is there">
        {home.ingredients.map(({ words, household, instead }) => (
          <Box key={words} mb="1mm" css={{ breakInside: 'avoid' }}>
            ☐ <strong>{words}</strong>
            {household && `, ${household}`}
            {instead.length > 0 && (
              <Box fontSize="9pt" color="soft" pl="5mm">
                or {instead.join('; or ')}
              </Box>
            )}
          </Box>
        ))}
        {home.tools.map(({ tool, instead }) => (
          <Box key={tool}>
            ☐ {tool}: {instead}
          </Box>
        ))}
      </Part>
      <Part name="Method">
        <Box as="ol" listStyleType="none">
          {home.steps.map((step, i) => (
            <StepLine key={i} step={step} number={i + 1} />
          ))}
        </Box>
      </Part>
      <Part name="What we saw">
        {plan.lookedAt.length > 0 ? (
          <Grid
            named
            heads={['', 'before', 'during', 'after']}
            firsts={plan.lookedAt.map(({ what }) => what)}
            rows={plan.lookedAt.length}
          />
        ) : (
          <Lines count={3} />
        )}
      </Part>
      <Part name="Keeping it">
        {home.keeping.map((line) => (
          <Box key={line} mb="0.6mm">
            {line}
          </Box>
        ))}
      </Part>
    </Page>
  );
}

function StepLine({ step, number }: { step: HomeStep; number: number }) {
  return (
    <Box as="li" display="flex" gap="3mm" mb="1.4mm" css={{ breakInside: 'avoid' }}>
      <strong>{number}</strong>
      <Box flex="1">
        {step.text}
        {step.until && <strong> Until {step.until}.</strong>}
        {step.marks.length > 0 && ` ${capitalised(step.marks.join(' · '))}.`}
        {step.adult && <strong> With an adult: {step.adult}.</strong>}
        {step.notAtHome && <strong> {step.notAtHome}</strong>}
        {step.stop && ' Here one can stop until tomorrow.'}
      </Box>
      <Box color="soft" whiteSpace="nowrap">
        {step.minutes !== null && minutes(step.minutes)}
      </Box>
    </Box>
  );
}

/** “12 min”, “24 h”. */
const minutes = (value: number) =>
  value >= 120 ? `${formatNumber(Number((value / 60).toPrecision(2)))} h` : `${formatNumber(value)} min`;
