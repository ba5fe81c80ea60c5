export { factsVersion, libraryFacts, libraryText, type LibraryFacts, type LibraryText } from './facts';
export { foundIn, searchQuery, type FoundPiece } from './search-words';
