import { createSystem, defaultBaseConfig } from '@chakra-ui/react';
import {
  dialogSlotRecipe,
  drawerSlotRecipe,
  headingRecipe,
  kbdRecipe,
  popoverSlotRecipe,
} from '@chakra-ui/react/theme';
import { config } from './system';

/** With every part the teacher’s pages use. */
export const fullSystem = createSystem(defaultBaseConfig, config, {
  theme: {
    recipes: { heading: headingRecipe, kbd: kbdRecipe },
    slotRecipes: { dialog: dialogSlotRecipe, drawer: drawerSlotRecipe, popover: popoverSlotRecipe },
  },
});
