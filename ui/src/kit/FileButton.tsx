import Button from '@mui/material/Button';
import { useRef, type ReactNode } from 'react';

const TAKES = {
  list: { said: ', CSV or XLSX', accept: '.csv,.tsv,.txt,.xlsx,text/csv' },
  picture: { said: '', accept: 'image/*' },
  crop: { said: ', JSON', accept: '.json,application/json' },
};

/** Takes a file of the keeper's: a list, a picture, or a crop of the handbook. */
export function FileButton({
  label,
  takes = 'list',
  variant,
  disabled = false,
  onFile,
  children,
}: {
  /** what the file is, for those who do not see the button */
  label: string;
  takes?: keyof typeof TAKES;
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
        aria-label={`${label}${TAKES[takes].said}`}
        accept={TAKES[takes].accept}
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
