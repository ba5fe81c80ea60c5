export { factsVersion, libraryFacts, libraryText, type LibraryFacts, type LibraryText } from './facts';
export { searchQuery } from './search-words';
