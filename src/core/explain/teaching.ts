import type { PhenomenonId } from '../phenomena';
import type { Source } from '../working';

export const teachingSource: Source = {
  kind: 'from-memory',
  text: 'What food science teaching says at this level (from memory of textbooks); a draft for the teacher to put in their own words',
};

/** What a phenomenon is good for in a lesson. */
export interface Teaching {
  aim: string;
  words: readonly (readonly [word: string, meaning: string])[];
  questions: readonly (readonly [question: string, answer: string])[];
}

export const teaching: Readonly<Record<PhenomenonId, Teaching>> = {
  'sugar-stages': {
    aim: 'explain why a syrup boils hotter the stronger it is, and what its temperature says about the sweet it makes',
    words: [
      [
        'boiling point',
        'the temperature at which vapour bubbles form in all of the liquid; lower the higher the place lies',
      ],
      ['concentration', 'the share of the mass that is dissolved'],
      ['crystal', 'a solid in which the molecules lie in order; in a glass they lie as they came'],
    ],
    questions: [
      [
        'Why does the temperature stand still for so long and then climb?',
        'While there is much water the heat goes into boiling it off. As the syrup grows stronger its boiling point rises, slowly at first, then fast.',
      ],
      [
        'What do two grains of sugar on the side of the pan put at risk?',
        'They are seeds: dissolved sugar settles on them, and the whole syrup can turn to crystals.',
      ],
    ],
  },
  browning: {
    aim: 'tell Maillard browning from caramelisation, and name what speeds them',
    words: [
      [
        'Maillard reaction',
        'browning of a sugar with the amino acids of proteins; it needs heat and a nearly dry surface',
      ],
      ['caramelisation', 'what strong heat does to sugar alone'],
      ['pH', 'how acid or alkaline: below 7 acid, above 7 alkaline'],
    ],
    questions: [
      [
        'Why does the crust brown and not the crumb?',
        'The crumb holds water and stays at or below 100 °C; only the dry crust gets hot enough.',
      ],
      [
        'Why does an alkali on the surface make it browner?',
        'The Maillard reaction is quicker where it is alkaline: the amino groups are then free to react.',
      ],
    ],
  },
  'enzymic-browning': {
    aim: 'explain why cut fruit browns and how acid, salt, heat and vitamin C slow it',
    words: [
      ['enzyme', 'a protein that speeds one reaction; heat and strong acid put it out of work'],
      ['oxidation', 'a reaction with oxygen; here of colourless phenols to brown pigments'],
      ['antioxidant', 'something that reacts with oxygen, or gives back what oxygen took, first'],
    ],
    questions: [
      [
        'Why does the fruit brown only when it is cut?',
        'Cutting breaks cells: enzyme, phenols and oxygen meet that were kept apart.',
      ],
      [
        'How do acid and vitamin C each slow it?',
        'Acid takes the enzyme out of the pH it works at; vitamin C turns what was oxidised back until it is used up.',
      ],
    ],
  },
  'gas-from-soda': {
    aim: 'explain where the gas of soda and powder comes from and what too much of either leaves behind',
    words: [
      ['leavening', 'what makes a dough or batter rise by gas'],
      ['neutralise', 'acid and base use each other up'],
      ['carbon dioxide', 'the gas set free from bicarbonate by acid or by heat'],
    ],
    questions: [
      [
        'Where does the gas come from, and what else is formed?',
        'Bicarbonate with acid gives carbon dioxide, water and a salt; heated alone it gives carbon dioxide, water and sodium carbonate.',
      ],
      [
        'How do you notice that there was more soda than acid?',
        'It tastes soapy and is browner or yellowish: sodium carbonate is left, and it is alkaline.',
      ],
    ],
  },
  yeast: {
    aim: 'explain what yeast lives on, what it makes, and how temperature changes its pace',
    words: [
      ['fermentation', 'yeast turns sugar into carbon dioxide and alcohol, without oxygen'],
      ['gluten', 'the elastic net of flour proteins that holds the gas'],
      ['optimum', 'where something goes fastest'],
    ],
    questions: [
      [
        'Why does warm dough rise faster, and hot dough not at all?',
        'Enzymes of the yeast work faster when warm; above about 45 °C they are damaged, above 55 °C the yeast dies.',
      ],
      [
        'What would more sugar or salt do?',
        'A little sugar feeds the yeast; much sugar, or salt, draws water from it and slows it.',
      ],
    ],
  },
  'steam-and-air': {
    aim: 'explain how air that was beaten in and water that turns to steam make food rise',
    words: [
      ['foam', 'bubbles of gas held apart by thin films of liquid or solid'],
      ['expansion', 'growing in volume; warm gas takes more room, steam about 1,700 times that of its water'],
    ],
    questions: [
      [
        'Why must the oven door stay shut at first?',
        'Until protein and starch have set, only hot gas and steam hold it up; cooled, they shrink and it falls.',
      ],
      [
        'What does sugar do in a foam?',
        'It thickens the films, so they drain more slowly: slower to whisk, steadier afterwards.',
      ],
    ],
  },
  gel: {
    aim: 'explain how a little gelling agent holds much water, and what weakens it',
    words: [
      ['gel', 'a liquid held in a net of long molecules, so that it keeps its shape'],
      ['setting point', 'the temperature at which the net forms on cooling'],
      ['protease', 'an enzyme that cuts proteins, as in raw pineapple'],
    ],
    questions: [
      [
        'Twice the gelling agent: twice as firm?',
        'More than that: the strength goes about with the square of the concentration.',
      ],
      [
        'Why does raw pineapple ruin a gelatine gel and tinned pineapple not?',
        'The raw fruit has an enzyme that cuts gelatine; tinning has heated it out of work. Agar is no protein and does not mind.',
      ],
    ],
  },
  starch: {
    aim: 'explain what happens to starch grains in hot water and why the sauce thickens as it cools',
    words: [
      ['gelatinisation', 'starch grains take up hot water, swell and lose their order'],
      ['viscosity', 'how hard a liquid is to stir or pour'],
      ['retrogradation', 'starch molecules lie together again as they cool; the gel stiffens and weeps'],
    ],
    questions: [
      [
        'Why do lumps form, and how does one prevent them?',
        'Outer grains swell to a skin that keeps the water out. Cold liquid, fat or sugar between the grains parts them first.',
      ],
      [
        'Why is the sauce thicker when it is cold?',
        'The molecules move less and begin to join; the net holds the water tighter.',
      ],
    ],
  },
  protein: {
    aim: 'explain what heat does to proteins and at what core temperature food is safe',
    words: [
      ['denature', 'a protein unfolds; it cannot be undone here'],
      ['coagulate', 'unfolded proteins join to a net and set'],
      ['core temperature', 'that of the coldest place, in the middle of the thickest piece'],
    ],
    questions: [
      [
        'Why does it lose juice as it cooks?',
        'The proteins shrink and press water out; the hotter, the more.',
      ],
      [
        'Why is colour no proof that it is safe?',
        'Colour depends on pH and age too; microbes die by temperature and time in the core.',
      ],
    ],
  },
  reduction: {
    aim: 'work out how far to reduce, and explain why the flavour grows stronger',
    words: [
      ['evaporation', 'liquid becomes vapour; it takes up much heat'],
      [
        'latent heat',
        'the heat that changes the state and not the temperature: 2.26 kJ for each gram of water',
      ],
      ['concentration', 'the share of the mass that is dissolved'],
    ],
    questions: [
      [
        'Half of the mass has boiled off. How salty is it now?',
        'Twice as salty by share: the salt stays, only water leaves.',
      ],
      [
        'Why does a wide pan reduce faster than a tall one?',
        'More surface for the vapour, and more of the ring’s heat gets in.',
      ],
    ],
  },
  'emulsion-and-foam': {
    aim: 'explain what keeps oil in water, or air in cream, from parting',
    words: [
      ['emulsion', 'tiny drops of one liquid in another that it does not mix with'],
      ['emulsifier', 'a molecule with one end that likes water and one that likes fat'],
      ['overrun', 'how much the volume has grown by air, in per cent'],
    ],
    questions: [
      [
        'Why must the oil go in slowly?',
        'Each drop needs its skin of emulsifier before the next comes; else they join again.',
      ],
      ['What happens when cream is whipped too long?', 'The fat drops join: butter grains and buttermilk.'],
    ],
  },
  'heat-transfer': {
    aim: 'explain how heat gets to the middle and out again, and why size matters more than one expects',
    words: [
      ['conduction', 'heat passes from particle to particle, in food slowly'],
      ['convection', 'moving liquid or air carries heat'],
    ],
    questions: [
      [
        'Twice as thick: how much longer?',
        'About four times: the time goes with the square of the thickness.',
      ],
      [
        'Why does the core grow hotter after it is out of the oven?',
        'The outside is hotter; its heat goes on inward for a while.',
      ],
    ],
  },
  preservation: {
    aim: 'name what microbes need and how sugar, acid, salt, heat or cold take it from them',
    words: [
      ['water activity', 'how much of the water microbes can use, from 0 to 1'],
      ['preserve', 'to keep food from spoiling; only tested procedures are safe to rely on'],
    ],
    questions: [
      [
        'Why does jam keep and fruit not?',
        'Much sugar binds water, the acid is strong, and boiling has killed most microbes. Opened, it belongs in the refrigerator.',
      ],
      [
        'Why does a closed lid not make food safe?',
        'It keeps others out; what survived inside grows while it is warm.',
      ],
    ],
  },
};
