/**
 * What a chart says under the pointer: lines of plain text, the first of them heavier. Built as elements that hold text, never as
 * markup, since names are whatever a rider or a file says they are.
 */
export const tooltipText =
  (first: string, ...more: readonly string[]) =>
  (): HTMLElement => {
    const box = document.createElement('div');
    box.style.maxWidth = '320px';
    box.style.whiteSpace = 'normal';
    for (const [i, line] of [first, ...more].entries()) {
      const row = document.createElement('div');
      row.textContent = line;
      if (i === 0) row.style.fontWeight = '700';
      box.append(row);
    }
    return box;
  };
