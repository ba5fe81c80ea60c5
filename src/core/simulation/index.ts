export { coolTray, trayBody } from './cooling-tray';
export { brownFruit, freshSlice, fruitColour, type FruitState } from './cut-fruit';
export { minutesToDouble, restedDough, riseDough, type Dough, type DoughState } from './dough-rising';
export { heatInOven, ovenAt, type Oven, type OvenFood, type OvenState } from './food-in-oven';
export { fry, fryingAt, fryingBody, type FryingPan, type FryingState } from './frying-surface';
export { setGel, settingMinutes, type GelInMould, type GelState } from './gel-setting';
export { heatLiquid, type LiquidPan, type LiquidState } from './liquid-on-hob';
export { sauceThickness, thickenSauce, type SaucePan, type SauceState } from './sauce-thickening';
export { tradeFacts, type TradeFact } from './trade-facts';
