import { Box, Flex, Heading } from '@chakra-ui/react';
import { useState } from 'react';
import { Link as RouterLink, useNavigate, useParams } from 'react-router';
import { newPlan, planShape, type Plan } from '../../core/practical';
import { mostOf, planFromRecipe } from '../../core/recipe';
import { longest } from '../../core/shape';
import { useAddPractical, usePractical, useRooms } from '../api/queries';
import { sayError } from '../api/request';
import { Frame } from '../frame/Frame';
import { newId } from '../ui/lists';
import { draftsOf } from '../plan/plan-drafts';
import { Aside } from '../ui/Aside';
import { MainButton, QuietButton, WordButton } from '../ui/Button';
import { TextField } from '../ui/fields';
import { Notice, Waiting } from '../ui/Notice';
import type { Opened } from './opened';
import { PastedText } from './PastedText';
import { ToSettle } from './ToSettle';
import { Understood } from './Understood';
import { useReading, type Reading } from './use-reading';
import { WriteStage } from './WriteStage';

const keys = [
  { keys: 'Tab', does: 'to the next doubt' },
  { keys: '↑ ↓', does: 'from line to line' },
  { keys: 'Enter', does: 'take a doubtful line as shown' },
  { keys: 'a letter, F2', does: 'write a line anew' },
  { keys: 'Delete', does: 'leave a line out' },
  { keys: 'Ctrl Enter', does: 'read the text' },
];

/** A recipe on paper becomes formula and steps: pasted, read line against line, settled, kept. */
export function PastePage() {
  const { practicalId } = useParams();
  const { data: practical, error } = usePractical(practicalId);
  if (practicalId !== undefined && !practical) return <Waiting error={error} />;
  return <Paste base={practical ?? null} key={practicalId ?? 'new'} />;
}

type Base = { id: string; number: number; plan: Plan } | null;

function Paste({ base }: { base: Base }) {
  const [text, setText] = useState('');
  const [opened, setOpened] = useState<Opened | null>(null);
  const show = (next: Opened) => {
    if (next.kind === 'text') setText(next.text);
    const [only, second] = next.kind === 'recipes' ? next.recipes : [];
    if (only && !second) setText(only.text);
    setOpened(next);
  };
  if (opened?.kind === 'plan') return <ColleaguesPlan plan={opened.plan} onBack={() => setOpened(null)} />;
  if (opened?.kind === 'recipes' && opened.recipes.length > 1)
    return (
      <Choose
        recipes={opened.recipes}
        onChoose={(recipe) => show({ kind: 'text', text: recipe.text })}
        onBack={() => setOpened(null)}
      />
    );
  if (opened && opened.kind !== 'refused') {
    const unread = opened.kind === 'recipes' ? opened.recipes[0]!.unread : [];
    return <Review text={text} base={base} unread={unread} onBack={() => setOpened(null)} />;
  }
  return (
    <Frame title="Paste a recipe" keys={keys}>
      <WriteStage text={text} onText={setText} onOpened={show} refused={opened?.why ?? null} />
    </Frame>
  );
}

interface ReviewProps {
  text: string;
  base: Base;
  unread: readonly string[];
  onBack(): void;
}

function Review({ text, base, unread, onBack }: ReviewProps) {
  const reading = useReading(text);
  const [title, setTitle] = useState(reading.recipe.title || 'A recipe without a name');
  const { keep, error, busy } = useKeep(base);
  const { formula, steps } = reading.now;
  const over = formula.length > mostOf('formula') || steps.length > mostOf('steps');
  const take = () =>
    keep((plan) => ({
      ...planFromRecipe(reading.recipe, reading.now, text, { ...plan, title: base ? plan.title : '' }, newId),
      ...(!base && { title: title.trim() || 'A recipe without a name' }),
    }));
  return (
    <Frame
      title="A recipe is read"
      subtitle="nothing is kept until you say so; the text stays with the plan"
      keys={keys}
      thread={
        <Flex gap="3" py="1.5">
          <QuietButton css={{ minH: '44px' }} onClick={onBack}>
            Change the text
          </QuietButton>
          <MainButton onClick={take} disabled={busy}>
            {keepWords(reading)}
          </MainButton>
        </Flex>
      }
    >
      <Flex flex="1" direction={{ base: 'column', lg: 'row' }} minH="0">
        <Box
          w={{ lg: '29%' }}
          px={{ base: '4', md: '6' }}
          py="5"
          borderRightWidth={{ lg: '1px' }}
          borderColor="rule"
          bg="paper"
          as="section"
          aria-label="As it was pasted"
        >
          <Name>As it was pasted</Name>
          <PastedText text={text} reading={reading} />
        </Box>
        <Box
          flex="1"
          minW="0"
          bg="sheet"
          px={{ base: '4', md: '6' }}
          py="5"
          as="section"
          aria-label="As it is understood"
        >
          <Troubles error={error} over={over} unread={unread} />
          <Name>As it is understood</Name>
          {!base && (
            <Box fontSize="lg" fontWeight="semibold" mb="2">
              <TextField
                label="Title"
                value={title}
                most={longest(planShape.fields.title)}
                onValue={setTitle}
              />
            </Box>
          )}
          <Understood reading={reading} />
          <Box fontSize="sm" color="soft" mt="3">
            Tab goes to the next doubt · Enter takes it as shown · type to change it
          </Box>
        </Box>
        <Aside name="To settle" px={{ base: '4', lg: '5' }} py="5">
          <ToSettle reading={reading} />
        </Aside>
      </Flex>
    </Frame>
  );
}

interface TroublesProps {
  error: string | null;
  over: boolean;
  unread: readonly string[];
}

/** What could not be kept, held or read. */
function Troubles({ error, over, unread }: TroublesProps) {
  const said = [
    error,
    over &&
      `A plan holds ${mostOf('formula')} lines of formula and ${mostOf('steps')} steps. What is beyond stays in the text.`,
  ].filter((one) => typeof one === 'string');
  return (
    <>
      {said.map((one) => (
        <Box mb="3" key={one}>
          <Notice kind="stop">{one}</Notice>
        </Box>
      ))}
      {unread.length > 0 && (
        <Box mb="3" fontSize="sm" color="soft">
          Not readable in its data: {unread.join(', ')}.
        </Box>
      )}
    </>
  );
}

const counted = (count: number, one: string) => `${count} ${one}${count === 1 ? '' : 's'}`;
const keepWords = ({ now }: Reading) =>
  `Keep ${counted(now.formula.length, 'line')} and ${counted(now.steps.length, 'step')}`;

const Name = ({ children }: { children: string }) => (
  <Heading as="h2" fontFamily="heading" fontSize="md" fontWeight="semibold" color="tawny" mb="2">
    {children}
  </Heading>
);

/** Keeps a plan: as a new practical, or as a change of one that is there, which its page then sends. */
function useKeep(base: Base) {
  const add = useAddPractical();
  const navigate = useNavigate();
  const { data: rooms = [] } = useRooms();
  const [error, setError] = useState<string | null>(null);
  const keep = (change: (plan: Plan) => Plan) => {
    if (base) {
      const drafts = draftsOf(base.id);
      const from = drafts.read() ?? { basedOn: base.number, plan: base.plan };
      if (!drafts.write({ basedOn: from.basedOn, plan: change(from.plan) })) {
        setError(
          'This browser has no room left to keep the plan. Nothing was changed; the text is still here.',
        );
        return;
      }
      void navigate(`/practicals/${base.id}/plan`);
      return;
    }
    const plan = change(newPlan('', rooms[0]?.id ?? null));
    add
      .mutateAsync({ id: newId(), plan })
      .then((practical) => navigate(`/practicals/${practical.id}/plan`))
      .catch((cause: unknown) => setError(`${sayError(cause)} Nothing was kept; the text is still here.`));
  };
  return { keep, error, busy: add.isPending };
}

interface ChooseProps {
  recipes: { name: string; text: string }[];
  onChoose(recipe: { name: string; text: string }): void;
  onBack(): void;
}

/** A page with several recipes: which of them? */
function Choose({ recipes, onChoose, onBack }: ChooseProps) {
  return (
    <Frame title="Which recipe?" keys={keys}>
      <Box px={{ base: '4', md: '7' }} py="5">
        <Box mb="3">There are {recipes.length} recipes in it.</Box>
        {recipes.map((recipe, i) => (
          <Box key={i} py="2" borderBottomWidth="1px" borderColor="rule">
            <WordButton autoFocus={i === 0} onClick={() => onChoose(recipe)}>
              {recipe.name}
            </WordButton>
          </Box>
        ))}
        <QuietButton mt="4" onClick={onBack}>
          Back to the text
        </QuietButton>
      </Box>
    </Frame>
  );
}

/** A whole plan from a colleague’s file: shown in a few words, kept as a practical of its own. */
function ColleaguesPlan({ plan, onBack }: { plan: Plan; onBack(): void }) {
  const { keep, error, busy } = useKeep(null);
  return (
    <Frame title="A colleague’s plan" keys={keys}>
      <Box px={{ base: '4', md: '7' }} py="5" maxW="44rem">
        <Heading as="h2" fontFamily="heading" fontSize="lg">
          {plan.title}
        </Heading>
        {plan.question !== '' && <Box mt="1">{plan.question}</Box>}
        <Box color="soft" my="3">
          {counted(plan.formula.length, 'line')} of formula, {counted(plan.steps.length, 'step')},{' '}
          {counted(plan.responses.length, 'response')}, {plan.stations} stations in {plan.periodMinutes}{' '}
          minutes. It becomes a practical of its own, in your first room; nothing that is here changes.
        </Box>
        {error !== null && <Notice kind="stop">{error}</Notice>}
        <Flex gap="3" mt="3">
          <MainButton disabled={busy} onClick={() => keep((mine) => ({ ...plan, roomId: mine.roomId }))}>
            Keep it
          </MainButton>
          <QuietButton css={{ minH: '44px' }} onClick={onBack}>
            Not this one
          </QuietButton>
          <Flex asChild align="center">
            <RouterLink to="/">Today</RouterLink>
          </Flex>
        </Flex>
      </Box>
    </Frame>
  );
}
