import { Box, chakra, Flex, Heading } from '@chakra-ui/react';
import { format } from 'date-fns';
import { useState } from 'react';
import { useParams } from 'react-router';
import type { Class } from '../../contract/classes';
import type { Practical } from '../../contract/practicals';
import type { Place, Plan } from '../../core/practical';
import { riskLines, type RiskLine } from '../../core/risk';
import { whoDecides } from '../../core/safety';
import { useClasses, usePractical } from '../api/queries';
import { PracticalFrame } from '../frame/PracticalFrame';
import { usePlanToPrint } from '../plan/use-plan-to-print';
import { Page } from '../paper/Page';
import type { PaperName } from '../paper/paper';
import { PaperChoice } from '../paper/PaperChoice';
import { usePaper } from '../paper/use-paper';
import { Aside } from '../ui/Aside';
import { Waiting } from '../ui/Notice';
import { noPacks, useOnPacks } from '../api/prep-queries';
import { NeedLines } from '../classes/ClassNeeds';
import { useRiskScale } from '../api/risk-scale';
import { ForClass, ScaleWords } from './RiskChoices';
import { Check } from '../ui/Check';

/** The risk assessment as it prints, signed by name and date on paper or here for this print alone. */
export function RiskPage() {
  const { practicalId } = useParams();
  const { data: practical, error } = usePractical(practicalId);
  if (!practical) return <Waiting error={error} />;
  return <Assessment practical={practical} />;
}

function Assessment({ practical }: { practical: Practical }) {
  const { plan, place } = usePlanToPrint(practical);
  const [paper, setPaper] = useState<PaperName>('A4');
  const [name, setName] = useState('');
  const [exercise, setExercise] = useState(false);
  const [classId, setClassId] = useState('');
  const scale = useRiskScale(plan);
  const group = useClasses().data?.find(({ id }) => id === classId) ?? null;
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
          <RiskSheet
            plan={{ ...plan, riskScale: [...scale] }}
            place={place}
            paper={paper}
            name={name}
            group={group}
          />
          {exercise && <ExerciseSheet plan={plan} paper={paper} />}
        </Box>
        <Aside name="How to print" wide={288} px="5" className="no-print" py="6">
          <Box asChild fontSize="sm" color="soft">
            <label htmlFor="assessed-by">Assessed by</label>
          </Box>
          <chakra.input
            id="assessed-by"
            value={name}
            maxLength={80}
            placeholder="your name, for this print only"
            onChange={(event) => setName(event.target.value)}
            w="100%"
            bg="sheet"
            borderWidth="1px"
            borderColor="strongRule"
            borderRadius="6px"
            px="3"
            minH="44px"
          />
          <Box fontSize="sm" color="soft" mt="1" mb="3">
            Name and date stand on the paper and are not kept.
          </Box>
          <Flex asChild align="center" gap="2.5" minH="36px">
            <label>
              <Check
                type="checkbox"
                checked={exercise}
                onChange={(event) => setExercise(event.target.checked)}
              />
              Students’ own hazard list, blank
            </label>
          </Flex>
          <ForClass value={classId} onValue={setClassId} />
          <PaperChoice paper={paper} onPaper={setPaper} />
          <ScaleWords scale={scale} />
        </Aside>
      </Flex>
    </PracticalFrame>
  );
}

const Head = chakra('th', {
  base: {
    borderWidth: '1px',
    borderColor: 'strongRule',
    px: '2mm',
    py: '1mm',
    fontSize: '9pt',
    fontWeight: 'semibold',
    textAlign: 'left',
    bg: '#F6EFE2',
  },
});
const Cell = chakra('td', {
  base: {
    borderWidth: '1px',
    borderColor: 'strongRule',
    px: '2mm',
    py: '1mm',
    fontSize: '9pt',
    verticalAlign: 'top',
  },
});

function RiskSheet({
  plan,
  place,
  paper,
  name,
  group,
}: {
  plan: Plan;
  place: Place | null;
  paper: PaperName;
  name: string;
  /** Whose declared needs are printed, because the teacher asked for it. */
  group: Class | null;
}) {
  const { onPacks = noPacks } = useOnPacks();
  const lines = riskLines(plan, place, onPacks).filter((line) => !line.leftOut);
  const today = format(new Date(), 'd MMMM yyyy');
  return (
    <Page paper={paper} foot={`Risk assessment · ${plan.title}`}>
      <Heading as="h2" fontFamily="heading" fontSize="16pt" fontWeight="semibold">
        Risk assessment
      </Heading>
      <Box fontSize="12pt" mt="1mm">
        {plan.title}
      </Box>
      <Box color="soft" mt="0.5mm" mb="4mm">
        {[
          place?.name,
          place ? (place.kind === 'laboratory' ? 'science laboratory: nothing is eaten' : 'food room') : '',
          `${plan.stations} stations`,
          `${plan.periodMinutes} min`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </Box>
      <RiskTable lines={lines} scale={plan.riskScale} />
      {lines.length === 0 && (
        <Box>
          No danger is named in the steps, and no ingredient is known to bring one. Look again before you
          sign.
        </Box>
      )}
      {group && group.needs.length > 0 && (
        <Box mt="4mm" fontSize="9pt">
          <strong>What some of {group.name} must not have</strong>
          <NeedLines group={group} plan={plan} />
        </Box>
      )}
      <Flex mt="6mm" gap="10mm">
        <Signed label="Assessed by" value={name.trim()} />
        <Signed label="Date" value={name.trim() === '' ? '' : today} />
        <Signed label="Signature" value="" />
      </Flex>
      <Box mt="4mm" fontSize="8.5pt" color="soft">
        {whoDecides}
      </Box>
    </Page>
  );
}

function RiskTable({ lines, scale }: { lines: readonly RiskLine[]; scale: readonly string[] }) {
  return (
    <chakra.table w="100%" css={{ borderCollapse: 'collapse' }}>
      <thead>
        <tr>
          {[
            'What could harm',
            'Whom',
            'Caution for students',
            'What we do about it',
            'Remains',
            'Checked by',
          ].map((head) => (
            <Head key={head}>{head}</Head>
          ))}
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => (
          <chakra.tr key={line.id} css={{ breakInside: 'avoid' }}>
            <Cell w="17%">
              <strong>{line.hazard}</strong>
              <Box color="soft">{line.origin || 'the teacher’s own'}</Box>
            </Cell>
            <Cell w="13%">{line.who}</Cell>
            <Cell w="27%">{line.caution}</Cell>
            <Cell>{line.control}</Cell>
            <Cell w="9%">{scale[line.remains]}</Cell>
            <Cell w="10%">{line.checkedBy}</Cell>
          </chakra.tr>
        ))}
      </tbody>
    </chakra.table>
  );
}

function Signed({ label, value }: { label: string; value: string }) {
  return (
    <Box flex="1">
      <Box borderBottomWidth="1px" borderColor="ink" minH="8mm" pt="2mm">
        {value}
      </Box>
      <Box fontSize="8.5pt" color="soft">
        {label}
      </Box>
    </Box>
  );
}

/** A blank list for students: what could harm, whom, and what they would do, before they see the teacher’s. */
function ExerciseSheet({ plan, paper }: { plan: Plan; paper: PaperName }) {
  return (
    <Page paper={paper} foot={`What could go wrong? · ${plan.title}`}>
      <Heading as="h2" fontFamily="heading" fontSize="16pt" fontWeight="semibold">
        What could go wrong?
      </Heading>
      <Box mt="1mm" mb="3mm">
        {plan.title}. Read the steps. Write down what could harm somebody, before you see the list of your
        teacher.
      </Box>
      <Box as="ol" pl="6mm" mb="4mm" css={{ listStyleType: 'decimal' }}>
        {plan.steps.map((step) => (
          <Box as="li" key={step.id} py="0.5mm">
            {step.text}
          </Box>
        ))}
      </Box>
      <chakra.table w="100%" css={{ borderCollapse: 'collapse' }}>
        <thead>
          <tr>
            {['Step', 'What could harm', 'Whom', 'What would you do?'].map((head) => (
              <Head key={head}>{head}</Head>
            ))}
          </tr>
        </thead>
        <tbody>
          {Array.from({ length: 8 }, (_, i) => (
            <tr key={i}>
              <Cell w="10%" h="11mm" />
              <Cell w="30%" />
              <Cell w="18%" />
              <Cell />
            </tr>
          ))}
        </tbody>
      </chakra.table>
    </Page>
  );
}
