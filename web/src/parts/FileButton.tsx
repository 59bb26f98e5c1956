import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { useRef } from 'react';

/** A button that asks for a file; the same one may be chosen again after it was put right. */
export function FileButton({
  accept,
  disabled = false,
  onFile,
  children,
}: {
  accept: string;
  disabled?: boolean;
  onFile: (file: File) => void;
  children: ReactNode;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button variant="outlined" disabled={disabled} onClick={() => input.current?.click()}>
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
