import { Box, Flex } from '@chakra-ui/react';
import { diffWords } from 'diff';
import { format } from 'date-fns';
import { useMemo } from 'react';
import { Link as RouterLink, useNavigate, useParams, useSearchParams } from 'react-router';
import type { Practical, Revision } from '../../contract/practicals';
import { changesBetween, type Change } from '../../core/practical';
import { useKeepRevision } from '../api/library-queries';
import { usePractical, useRevisions } from '../api/queries';
import { sayError } from '../api/request';
import { Frame } from '../frame/Frame';
import { Section } from '../ui/Section';
import { QuietButton } from '../ui/Button';
import { Choice } from '../ui/fields';
import { Notice, Waiting } from '../ui/Notice';

/** Any two revisions of a plan beside each other: what changed between them, and the way back to either. */
export function RevisionsPage() {
  const { practicalId } = useParams();
  const { data: practical, error } = usePractical(practicalId);
  const {
    data,
    error: failed,
    hasNextPage,
    isFetchingNextPage,
    fetchNextPage,
  } = useRevisions(practicalId!, true);
  const revisions = data?.pages.flatMap((page) => page.revisions);
  return (
    <Frame title="Revisions" subtitle={practical?.plan.title ?? ' '}>
      <Box flex="1" bg="sheet" px={{ base: '4', md: '7' }} py="5">
        {!practical || !revisions ? (
          <Waiting error={error ?? failed} />
        ) : (
          <>
            <Compared practical={practical} revisions={revisions} />
            {hasNextPage && (
              <QuietButton mt="5" disabled={isFetchingNextPage} onClick={() => void fetchNextPage()}>
                Fetch older revisions
              </QuietButton>
            )}
          </>
        )}
      </Box>
    </Frame>
  );
}

const optionOf = ({ number, savedAt }: Revision) =>
  [String(number), `${number}, of ${format(savedAt, 'd MMM yyyy HH:mm')}`] as const;

function Compared({ practical, revisions }: { practical: Practical; revisions: readonly Revision[] }) {
  const [params, setParams] = useSearchParams();
  const chosen = (field: string) => revisions.find(({ number }) => String(number) === params.get(field));
  const to = chosen('to') ?? revisions[0]!;
  const from = chosen('from') ?? revisions.find(({ number }) => number < to.number) ?? to;
  const changes = useMemo(() => changesBetween(from.plan, to.plan), [from, to]);
  const pick = (field: 'from' | 'to') => (value: string) =>
    setParams({ from: String(from.number), to: String(to.number), [field]: value }, { replace: true });
  const options = revisions.map(optionOf);
  return (
    <>
      <Flex wrap="wrap" columnGap="6" rowGap="2" align="baseline" fontSize="lg">
        <span>
          From revision{' '}
          <Choice
            label="From revision"
            value={String(from.number)}
            options={options}
            onValue={pick('from')}
          />
        </span>
        <span>
          to revision{' '}
          <Choice label="To revision" value={String(to.number)} options={options} onValue={pick('to')} />
        </span>
      </Flex>
      <Flex gap="3" wrap="wrap" mt="3" align="center">
        <BringBack practical={practical} revision={from} />
        {to.number !== from.number && <BringBack practical={practical} revision={to} />}
        <Box
          asChild
          color="tawnyDeep"
          textDecoration="underline"
          textUnderlineOffset="3px"
          fontWeight="semibold"
        >
          <RouterLink to={`/practicals/${practical.id}/plan`}>to the plan as it is</RouterLink>
        </Box>
      </Flex>
      <Box mt="4">
        {changes.length === 0 ? (
          <Box color="soft">Nothing differs between them.</Box>
        ) : (
          <Changes changes={changes} />
        )}
      </Box>
    </>
  );
}

/** An old revision as the newest; the latest itself is there already. */
function BringBack({ practical, revision }: { practical: Practical; revision: Revision }) {
  const navigate = useNavigate();
  const bring = useKeepRevision(practical.id);
  if (revision.number === practical.number) return null;
  const back = async () => {
    await bring.mutateAsync({ plan: revision.plan, basedOn: practical.number });
    await navigate(`/practicals/${practical.id}/plan`);
  };
  return (
    <>
      <QuietButton disabled={bring.isPending} onClick={() => void back().catch(() => undefined)}>
        Bring revision {revision.number} back
      </QuietButton>
      {bring.error && <Notice kind="stop">{sayError(bring.error)} Nothing was changed.</Notice>}
    </>
  );
}

/** Changes by the part of the sheet they are in, in its order. */
function Changes({ changes }: { changes: readonly Change[] }) {
  const sections = [...new Set(changes.map(({ section }) => section))];
  return sections.map((section) => (
    <Section key={section} name={section}>
      <Box as="ul" listStyleType="none" display="grid" gap="1.5">
        {changes
          .filter((change) => change.section === section)
          .map((change, i) => (
            <Box as="li" key={i}>
              <ChangeWords change={change} />
            </Box>
          ))}
      </Box>
    </Section>
  ));
}

/** A text word by word, what went struck through and what came underlined; anything else in a sentence. */
function ChangeWords({ change: { what, texts } }: { change: Change }) {
  if (!texts) return what;
  const label = what.slice(0, Math.max(0, what.indexOf(': ')));
  return (
    <>
      {label && (
        <Box color="soft" fontSize="sm">
          {label}
        </Box>
      )}
      {diffWords(texts.was, texts.is).map(({ value, added, removed }, i) => (
        <Box
          key={i}
          as={added ? 'ins' : removed ? 'del' : 'span'}
          {...(added && { bg: 'glassWash', color: 'ink', textDecoration: 'underline' })}
          {...(removed && { color: 'ember', textDecoration: 'line-through' })}
        >
          {value}
        </Box>
      ))}
    </>
  );
}
