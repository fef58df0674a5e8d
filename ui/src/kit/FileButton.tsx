import Button from '@mui/material/Button';
import { useRef, type ReactNode } from 'react';

/** Takes a file of the keeper's: a list, or a picture. */
export function FileButton({
  label,
  picture = false,
  variant,
  disabled = false,
  onFile,
  children,
}: {
  /** what the file is, for those who do not see the button */
  label: string;
  picture?: boolean;
  variant?: 'text';
  disabled?: boolean;
  onFile: (file: File) => void;
  children: ReactNode;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        hidden
        aria-label={picture ? label : `${label}, CSV or XLSX`}
        accept={picture ? 'image/*' : '.csv,.tsv,.txt,.xlsx,text/csv'}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file !== undefined) onFile(file);
          // The same file may be brought again when it has been mended.
          event.target.value = '';
        }}
      />
      <Button variant={variant} disabled={disabled} onClick={() => input.current?.click()}>
        {children}
      </Button>
    </>
  );
}
