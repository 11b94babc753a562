export { EChart } from './EChart';
export { StillChart } from './StillChart';
export { curveOption, rightEdge, type PickedCorner } from './money-curve-option';
export { moneyFrame, plateMark } from './money-frame';
export { plainFrame } from './plain-frame';
export { tooltipText } from './tooltip-text';
