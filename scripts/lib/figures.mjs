export const median = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)];
export const high = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length * 0.95)];
