import { Heading } from '@chakra-ui/react';

/** A heading beside the order. */
export const Head = ({ children }: { children: string }) => (
  <Heading
    as="h2"
    fontFamily="heading"
    fontSize="md"
    fontWeight="semibold"
    color="tawny"
    mt="6"
    mb="1"
    _first={{ mt: 0 }}
  >
    {children}
  </Heading>
);
