export { allergenLines, riskLines, type AllergenLine, type RiskLine } from './assessment';
export { judgeNeeds, needIds, needName, needsShape, type Need, type NeedId, type NeedJudged } from './needs';
