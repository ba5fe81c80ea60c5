/** What a practical makes: sugar glass, something baked dry, a gel, a sauce; and how that keeps. */
export { hasFlesh, hasRice, type Weighed } from './kept';
export { heatsFood, keepsDry, natureOf, type Nature } from './nature';
