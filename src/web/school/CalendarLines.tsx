import { Box, Flex, Heading } from '@chakra-ui/react';
import { useState } from 'react';
import { routes } from '../../contract/routes';
import { useCalendarAddress } from '../api/queries';
import { sayError } from '../api/request';
import { QuietButton, WordButton } from '../ui/Button';
import { Notice } from '../ui/Notice';

/** Lessons and jobs in a calendar: as a file, or at an address it asks again by itself. */
export function CalendarLines({ shared }: { shared: boolean }) {
  const change = useCalendarAddress();
  const [address, setAddress] = useState<string | null>(null);
  const [copied, setCopied] = useState(false);
  const open = () =>
    change.mutate(true, {
      onSuccess: ({ path }) => {
        setAddress(window.location.origin + path);
        setCopied(false);
      },
    });
  const close = () => change.mutate(false, { onSuccess: () => setAddress(null) });
  return (
    <Box as="section" aria-label="Calendar" mt="6">
      <Heading as="h2" fontFamily="heading" fontSize="md" fontWeight="semibold" color="tawny" mb="1.5">
        Calendar
      </Heading>
      <Box
        asChild
        color="tawnyDeep"
        fontWeight="semibold"
        textDecoration="underline"
        textUnderlineOffset="3px"
      >
        <a href={routes.calendarFile} download>
          Lessons and jobs as a file
        </a>
      </Box>
      <Box color="soft" fontSize="sm" mb="3">
        iCalendar, to be opened by any calendar: lessons, jobs, and what happens when in the next fortnight’s.
      </Box>
      {address && (
        <Box mb="2">
          <Box fontSize="sm" color="soft">
            Subscribe to this address. It is shown once; it opens your lessons to whoever has it.
          </Box>
          <Box
            as="output"
            display="block"
            fontSize="sm"
            fontWeight="semibold"
            css={{ overflowWrap: 'anywhere' }}
          >
            {address}
          </Box>
          <WordButton
            fontSize="sm"
            onClick={() => void navigator.clipboard.writeText(address).then(() => setCopied(true))}
          >
            {copied ? 'copied' : 'copy it'}
          </WordButton>
        </Box>
      )}
      <Flex gap="4" align="center" wrap="wrap">
        <QuietButton onClick={open}>
          {shared ? 'Make a new address' : 'Make an address to subscribe to'}
        </QuietButton>
        {shared && <WordButton onClick={close}>close it</WordButton>}
      </Flex>
      {shared && !address && (
        <Box fontSize="sm" color="soft" mt="1">
          An address is open. A new one takes its place.
        </Box>
      )}
      {change.error && <Notice kind="stop">{sayError(change.error)}</Notice>}
    </Box>
  );
}
