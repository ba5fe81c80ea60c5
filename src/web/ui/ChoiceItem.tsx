import { chakra } from '@chakra-ui/react';

/** One of a list to choose from; it is pressed while it is chosen. */
export const ChoiceItem = chakra('button', {
  base: {
    display: 'block',
    width: '100%',
    textAlign: 'left',
    px: '3',
    py: '1.5',
    minH: '36px',
    borderRadius: '6px',
    cursor: 'pointer',
    _hover: { bg: 'tawnyWash' },
    '&[aria-pressed=true]': { bg: 'tawnyWash', fontWeight: 'bold', color: 'tawnyDeep' },
  },
});
