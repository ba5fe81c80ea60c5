/** How waiting looks beside work of the hands. */
export const waitingHatch = {
  backgroundImage:
    'repeating-linear-gradient(135deg, var(--chakra-colors-strong-rule) 0 4px, var(--chakra-colors-paper) 4px 7px)',
  outline: '1px solid var(--chakra-colors-strong-rule)',
  outlineOffset: '-1px',
};
