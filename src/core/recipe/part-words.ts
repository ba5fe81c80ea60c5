/** What is said beside the method. */
export const aside =
  /^(?:notes?|tips?|hints?|source|photos?|recipe|serving|nutrition|copyright|variations?|this|these|those|that|it|they|you|we|i|my|there|from)\b/i;
/** “Pulverise the seeds”, “Decant it”: a word with a capital, and what it is done to. */
export const tellsToDo =
  /^\p{Lu}\p{Ll}{2,} (?:the|it|them|all|everything|each|both|half|in|into|over|with|by)\b/u;

/** What parts of a dish are called where nothing but their name stands over them. */
export const partNames =
  /^(?:the )?((?:\p{L}+ )?(?:dough|filling|pastry|batter|sponge|topping|glaze|icing|frosting|sauce|base|crust|marinade|dressing|syrup|crumble|custard|brine|bath|dip|buttercream|cake|rub|stuffing|pesto|slaw|croutons|dumplings?|paste|broth|soup|curry|salsa|compote|jelly|cream|biscuit|pasta|noodles|coating|garnish|salad|caramel|ganache|meringue|mousse|starter|poolish|streusel|stock|relish|chutney|puddings?|coulis|flat ?breads?|patties|pancakes?))$/iu;

/** What pupils bring along and nobody eats. */
export const toBring =
  /\b(?:containers?|aprons?|tea ?towels?|lunch ?box(?:es)?|(?:lidded|plastic|named) (?:tubs?|box(?:es)?)|carrier bags?|(?:to|for) (?:take|taking|carry|carrying) (?:it |them )?home)\b/i;
