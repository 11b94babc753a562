export { EChart } from './EChart';
export { curveOption, rightEdge, type PickedCorner } from './money-curve-option';
