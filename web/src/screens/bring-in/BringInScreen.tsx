import Box from '@mui/material/Box';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useFoundFile } from '../../api/queries';
import { Choice } from '../../parts/Choice';
import { Loading } from '../../parts/Loading';
import { ChooseSheet } from './ChooseSheet';
import { SheetForm } from './SheetForm';

/** A sheet is chosen, its columns are matched, every line is tried, and then all of it comes in or nothing. */
export default function BringInScreen() {
  const [query, setQuery] = useSearchParams();
  const fileId = query.get('file');
  const choose = (id: string | undefined) => setQuery(id ? { file: id } : {});
  return (
    <>
      <title>Bring a sheet in – Yellow Tally</title>
      <Box component="h1" sx={{ typography: 'h1', my: 2 }}>
        Bring a sheet in
      </Box>
      {fileId ? (
        <InHand key={fileId} fileId={fileId} onFound={choose} onOther={() => choose(undefined)} />
      ) : (
        <ChooseSheet onFound={choose} />
      )}
    </>
  );
}

function InHand({
  fileId,
  onFound,
  onOther,
}: {
  fileId: string;
  onFound: (fileId: string) => void;
  onOther: () => void;
}) {
  const { data: file, error } = useFoundFile(fileId);
  const [chosen, setChosen] = useState('0');
  if (error) return <ChooseSheet onFound={onFound} gone={error.message} />;
  const sheet = file?.sheets[Number(chosen)];
  if (!file || !sheet) return <Loading />;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 2 }}>
      {file.sheets.length > 1 && (
        <Choice
          label={`Sheets of ${file.name}`}
          options={file.sheets.map((one, i) => ({ value: String(i), label: one.name }))}
          value={chosen}
          onChange={setChosen}
        />
      )}
      <SheetForm key={chosen} file={file} number={Number(chosen)} sheet={sheet} onOther={onOther} />
    </Box>
  );
}
