import { Box, Flex, Heading } from '@chakra-ui/react';
import { useEffect, type ReactNode } from 'react';
import { Link as RouterLink } from 'react-router';
import { keepPageOffline } from '../offline/keep-offline';
import { Check } from '../ui/Check';
import type { useTicks } from './use-ticks';

type Ticks = ReturnType<typeof useTicks>;

/** A list for a phone: large lines to tick, and at its foot where the ticks are. */
export function TickPage({
  title,
  under,
  ticks,
  children,
}: {
  title: string;
  under: string;
  ticks: Ticks;
  children: ReactNode;
}) {
  useEffect(() => {
    document.title = `${title} · Tawny Beaker`;
  }, [title]);
  useEffect(keepPageOffline, []);
  return (
    <Flex as="main" direction="column" minH="100dvh" maxW="560px" mx="auto" bg="sheet" px="4" pt="4">
      <Flex justify="space-between" align="baseline" gap="3">
        <Heading as="h1" fontFamily="heading" fontSize="2xl" fontWeight="semibold">
          {title}
        </Heading>
        <Box asChild color="tawnyDeep" textDecoration="underline" minH="44px">
          <RouterLink to="/">Today</RouterLink>
        </Box>
      </Flex>
      <Box color="soft">{under}</Box>
      <Box flex="1" pb="4">
        {children}
      </Box>
      <Box
        role="status"
        aria-label="Where the ticks are"
        position="sticky"
        bottom="0"
        bg="sheet"
        borderTopWidth="1px"
        borderColor="rule"
        py="2.5"
        fontWeight="semibold"
        color={ticks.waiting > 0 ? 'amberInk' : 'moss'}
      >
        {ticks.refused
          ? `The server would not have them: ${ticks.refused}`
          : ticks.waiting > 0
            ? `${ticks.waiting} ticked here; kept on this device until the server is back`
            : ticks.away
              ? 'The server is away; what you tick is kept on this device'
              : 'All of it is on the server'}
      </Box>
    </Flex>
  );
}

interface TickLineProps {
  what: string;
  ticks: Ticks;
  /** What stands below it and is no part of what is touched. */
  under?: ReactNode;
  children: ReactNode;
}

/** One line to tick, as tall as a thumb is wide. */
export function TickLine({ what, ticks, under, children }: TickLineProps) {
  const done = ticks.done.has(what);
  return (
    <Box as="li" borderBottomWidth="1px" borderColor="rule">
      <Flex as="label" align="flex-start" gap="3.5" py="3" minH="52px" cursor="pointer">
        <Check
          type="checkbox"
          checked={done}
          onChange={(event) => ticks.mark(what, event.target.checked)}
          css={{ w: '26px', h: '26px' }}
        />
        <Box
          minW="0"
          lineHeight="1.3"
          fontSize="lg"
          color={done ? 'soft' : 'ink'}
          textDecoration={done ? 'line-through' : undefined}
        >
          {children}
        </Box>
      </Flex>
      {under}
    </Box>
  );
}

/** What was fetched last stands in while the server is away. */
export function remembered<T>(key: string, fresh: T | undefined): T | undefined {
  try {
    if (fresh !== undefined) {
      localStorage.setItem(key, JSON.stringify(fresh));
      return fresh;
    }
    const kept = localStorage.getItem(key);
    return kept === null ? undefined : (JSON.parse(kept) as T);
  } catch {
    return fresh;
  }
}
