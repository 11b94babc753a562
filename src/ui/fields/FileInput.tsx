import { forwardRef } from 'react';

/** The unseen field behind a button that reads a file; the same file can be picked again. */
export const FileInput = forwardRef<
  HTMLInputElement,
  {
    readonly label: string;
    readonly accept: string;
    readonly onFile: (file: File) => void;
  }
>(function FileInput({ label, accept, onFile }, ref) {
  return (
    <input
      ref={ref}
      type="file"
      accept={accept}
      hidden
      aria-label={label}
      onChange={(e) => {
        const file = e.target.files?.[0];
        if (file) onFile(file);
        e.target.value = '';
      }}
    />
  );
});
