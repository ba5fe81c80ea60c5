import { Box, chakra, Flex, Heading } from '@chakra-ui/react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { routes, stationAddress } from '../../contract/routes';
import type { Joined } from '../../contract/who';
import { request, sayError, Unreachable } from '../api/request';
import { KeepKey } from '../ui/pad-keys';

/** The code in an address that was held before the camera: behind the #, so that it stands in no log of a server. */
const codeInAddress = () =>
  decodeURIComponent(window.location.hash.slice(1).replace(/%(?![0-9a-f]{2})/gi, ''));

/** `/join`: where a tablet comes in that was given a code. */
export function JoinPage() {
  return (
    <Flex as="main" direction="column" minH="100dvh" maxW="520px" mx="auto" bg="sheet" p="6" gap="5">
      <Join
        title="Join your station"
        begin={codeInAddress()}
        onJoined={({ runId, station }) => window.location.replace(stationAddress(runId, station))}
      >
        Type the code on your station’s label. It has six letters and numbers.
      </Join>
    </Flex>
  );
}

interface JoinProps {
  title: string;
  /** A code that is there already: it is tried at once. */
  begin?: string;
  onJoined(joined: Joined): void;
  children: ReactNode;
}

/** A field for a station’s code. */
export function Join({ title, begin = '', onJoined, children }: JoinProps) {
  const [code, setCode] = useState(begin);
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const tried = useRef(false);
  const join = async (text: string) => {
    setBusy(true);
    setTrouble(null);
    try {
      onJoined(await request<Joined>(routes.join, { body: { code: text } }));
    } catch (error) {
      setTrouble(wordsOf(error));
      setBusy(false);
    }
  };
  useEffect(() => {
    if (begin === '' || tried.current) return;
    tried.current = true;
    void join(begin);
    // Tried once, as the page opens.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  return (
    <chakra.form
      display="flex"
      flexDirection="column"
      gap="4"
      onSubmit={(event) => {
        event.preventDefault();
        if (code.trim() !== '' && !busy) void join(code);
      }}
    >
      <Heading as="h1" fontFamily="heading" fontSize="2xl" fontWeight="semibold">
        {title}
      </Heading>
      <Box fontSize="lg" lineHeight="1.4">
        {children}
      </Box>
      <chakra.input
        aria-label="Code of your station"
        aria-invalid={trouble !== null}
        aria-describedby={trouble ? 'join-trouble' : undefined}
        value={code}
        onChange={(event) => setCode(event.target.value)}
        autoCapitalize="characters"
        autoComplete="off"
        autoCorrect="off"
        spellCheck={false}
        autoFocus
        maxLength={20}
        bg="paper"
        borderWidth="2px"
        borderColor={trouble ? 'ember' : 'strongRule'}
        borderRadius="8px"
        px="4"
        minH="64px"
        fontSize="3xl"
        fontWeight="bold"
        letterSpacing="0.12em"
        textTransform="uppercase"
      />
      {trouble && (
        <Box id="join-trouble" role="alert" color="ember" fontWeight="medium">
          {trouble}
        </Box>
      )}
      <KeepKey type="submit" disabled={busy || code.trim() === ''}>
        {busy ? 'One moment …' : 'Join'}
      </KeepKey>
    </chakra.form>
  );
}

/** Why it did not work, in words for a pupil. */
function wordsOf(error: unknown): string {
  if (error instanceof Unreachable) {
    return 'There is no network just now. Your code is still here: try again in a moment.';
  }
  const said = sayError(error);
  return /^code is/.test(said)
    ? 'This code leads nowhere. Look at the label once more, or ask your teacher for today’s code.'
    : said;
}
