import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { useRef } from 'react';

const IN_LINE = {
  variant: 'text',
  size: 'small',
  sx: { p: 0, minWidth: 0, minHeight: 28, fontSize: 13 },
} as const;

/** A button that asks for a file; the same one may be chosen again after it was put right. */
export function FileButton({
  accept,
  disabled = false,
  small = false,
  onFile,
  children,
}: {
  accept: string;
  disabled?: boolean;
  /** In a line of records, where a button is a word. */
  small?: boolean;
  onFile: (file: File) => void;
  children: ReactNode;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button
        {...(small ? IN_LINE : { variant: 'outlined' })}
        disabled={disabled}
        onClick={() => input.current?.click()}
      >
        {children}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
