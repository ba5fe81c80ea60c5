export { allergenLines, riskLines, type AllergenLine, type RiskLine } from './assessment';
