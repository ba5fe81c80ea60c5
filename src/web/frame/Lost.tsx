import { Box } from '@chakra-ui/react';
import { Link as RouterLink } from 'react-router';
import { Frame } from './Frame';

export function Lost() {
  return (
    <Frame title="Nothing here">
      <Box p="8">
        There is no page at this address.{' '}
        <Box asChild color="tawnyDeep" textDecoration="underline">
          <RouterLink to="/">Go to today</RouterLink>
        </Box>
      </Box>
    </Frame>
  );
}
