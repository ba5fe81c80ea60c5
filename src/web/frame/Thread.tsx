import { Box, Flex } from '@chakra-ui/react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link as RouterLink, useNavigate } from 'react-router';
import type { Stop } from './stops';

/** The thread: the stops of a practical in the order the work is done, the present one open. */
export function Thread({ stops, at }: { stops: readonly Stop[]; at: string }) {
  const navigate = useNavigate();
  useHotkeys(
    stops.map((_, i) => String(i + 1)),
    (event) => {
      const to = stops[Number(event.key) - 1]?.to;
      if (to) void navigate(to);
    },
    [stops],
  );
  return (
    <Flex
      as="nav"
      aria-label="Stops of this practical"
      align="center"
      flexWrap={{ base: 'wrap', md: 'nowrap' }}
      columnGap={{ base: '4', md: '0' }}
    >
      {stops.map((stop, i) => (
        <Flex key={stop.name} align="center">
          {i > 0 && (
            <Box
              display={{ base: 'none', md: 'block' }}
              w={{ base: '2', xl: '3', '2xl': '9' }}
              h="2px"
              bg="rule"
              mx={{ base: '1.5', xl: '2' }}
            />
          )}
          <ThreadStop stop={stop} open={stop.name === at} number={i + 1} />
        </Flex>
      ))}
    </Flex>
  );
}

function ThreadStop({ stop, open, number }: { stop: Stop; open: boolean; number: number }) {
  const knot = (
    <Box
      aria-hidden
      w={open ? '16px' : '11px'}
      h={open ? '16px' : '11px'}
      borderRadius="full"
      borderWidth={open ? '5px' : '2px'}
      borderColor={open ? 'tawny' : stop.state === 'done' ? 'moss' : 'strongRule'}
      bg={!open && stop.state === 'done' ? 'moss' : 'sheet'}
    />
  );
  const words = (
    <>
      <Box as="span" fontWeight={open ? 'bold' : 'medium'} color={open ? 'ink' : stop.to ? 'ink' : 'soft'}>
        {stop.name}
      </Box>
      {stop.needs && (
        <Box as="span" fontSize="sm" fontWeight="semibold" color="amberInk" whiteSpace="nowrap">
          {stop.needs}
        </Box>
      )}
    </>
  );
  if (!stop.to) {
    return (
      <Flex align="center" gap="2" minH="44px" title="Opens once the run has begun">
        {knot}
        {words}
      </Flex>
    );
  }
  return (
    <Flex asChild align="center" gap="2" minH="44px" _hover={{ color: 'tawnyDeep' }}>
      <RouterLink to={stop.to} aria-current={open ? 'page' : undefined} title={`Key ${number}`}>
        {knot}
        {words}
      </RouterLink>
    </Flex>
  );
}
