import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';

/** The order list as text, to be put into a message. The way that also works under plain http, where a browser has no clipboard. */
export function CopyList({ text }: { text: string }) {
  const area = useRef<HTMLTextAreaElement>(null);
  const [copied, setCopied] = useState<string>();
  const copy = () => {
    area.current?.select();
    // The newer way is there under https alone.
    // oxlint-disable-next-line typescript/no-deprecated
    if (document.execCommand('copy')) setCopied(text);
  };
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5 }}>
      <Box component="span" role="status" sx={{ fontSize: 14 }}>
        {copied === text && 'Copied. Put it into a message to the supplier.'}
      </Box>
      <Button variant="outlined" size="small" onClick={copy}>
        Copy the list
      </Button>
      <textarea
        ref={area}
        readOnly
        aria-hidden
        tabIndex={-1}
        value={text}
        style={{ position: 'fixed', left: -9999, width: 1, height: 1 }}
      />
    </Box>
  );
}
