import { describe, expect, it } from 'vitest';
import { claims, claimsIn } from './claims';

describe('kitchen sayings', () => {
  it.each<[string, string]>([
    ['Sear the pieces to seal in the juices.', 'seals-juices'],
    ['Add salt so that the water will boil faster.', 'salt-boils-faster'],
    ['The salt starts the browning.', 'salt-starts-browning'],
    ['Caramel forms as the sugars react with each other.', 'sugars-react-together'],
    ['Skimmed milk is basically water.', 'skimmed-is-water'],
    ['Bicarbonate of soda reacts with moisture.', 'soda-needs-moisture'],
    ['Once the water has evaporated the temperature climbs.', 'climbs-when-dry'],
    ['Simmer until the wine has cooked; the alcohol burns off.', 'alcohol-gone'],
    ['If an egg floats it is bad.', 'eggs-float'],
    ['Prick the shell with a pin.', 'pin-hole'],
    ['Turn the jars upside down for five minutes.', 'turned-jars'],
    ['Once sealed it is safe on the shelf.', 'sealed-safe'],
    ['Keep the salt away from the yeast.', 'yeast-killed-by-salt'],
    ['Lemon juice stops the pear browning.', 'acid-brightens'],
    ['Blend it cold to avoid lumps.', 'starch-leaves-lumps'],
  ])('%s', (text, id) => {
    expect(claimsIn(text).map((claim) => claim.id)).toEqual([id]);
  });

  it('plain instructions make none', () => {
    const plain =
      'Salt the water and bring it to the boil. Add the wine and simmer for 10 minutes. Crack the eggs. Seal the jars and chill. Brown the meat. Boil off half of the water. Stir the soda into the buttermilk.';
    expect(claimsIn(plain)).toEqual([]);
    expect(new Set(claims.map((claim) => claim.id)).size).toBe(claims.length);
  });
});
