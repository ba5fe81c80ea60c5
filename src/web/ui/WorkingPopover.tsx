import { Box, Popover, Portal, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { formatSignificant } from '../../core/format';
import type { Source, SourceKind, Working } from '../../core/working';

const sourceWords: Record<SourceKind, string> = {
  standard: 'Standard',
  handbook: 'Handbook',
  paper: 'Paper',
  'common-practice': 'Common practice',
  'from-memory': 'From memory',
};

/** Lines of working as they are read, without the popover around them. */
export function WorkingLines({ working }: { working: Working }) {
  return (
    <Box fontSize="sm">
      <Box as="dl">
        {working.lines.map((line, i) => (
          <Box
            key={i}
            display="flex"
            justifyContent="space-between"
            gap="4"
            py="1"
            borderBottomWidth="1px"
            borderColor="rule"
          >
            <Box as="dt">{line.text}</Box>
            <Box as="dd" whiteSpace="nowrap" fontWeight="semibold">
              {line.value !== undefined &&
                `${formatSignificant(line.value)}${line.unit ? ` ${line.unit}` : ''}`}
            </Box>
          </Box>
        ))}
      </Box>
      <SourceLines sources={working.sources} />
    </Box>
  );
}

/** Where it comes from, a line a source. */
export function SourceLines({ sources }: { sources: readonly Source[] }) {
  return sources.map((source) => (
    <Text key={source.text} mt="2" color="soft" fontSize="xs">
      <strong>{sourceWords[source.kind]}.</strong> {source.text}
    </Text>
  ));
}

/** Opens the working behind a number: equation, inputs, units, source. */
export function WorkingPopover({
  working,
  title,
  children,
}: {
  working: Working;
  title: string;
  children: ReactNode;
}) {
  return (
    <Popover.Root lazyMount unmountOnExit positioning={{ placement: 'bottom-start' }}>
      <Popover.Trigger asChild>{children}</Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content
            aria-label={title}
            bg="raised"
            color="ink"
            borderWidth="1px"
            borderColor="strongRule"
            width="22rem"
            maxW="92vw"
            boxShadow="lg"
          >
            <Popover.Body p="4">
              <Text fontFamily="heading" fontWeight="semibold" mb="1">
                {title}
              </Text>
              <WorkingLines working={working} />
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
