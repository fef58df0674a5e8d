import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import useMediaQuery from '@mui/material/useMediaQuery';
import type { Theme } from '@mui/material/styles';
import { memo, useDeferredValue, useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { mayPass, type LineRead } from '../api/client';
import { useFind, useFoundKnown, useLine } from '../api/queries';
import type { components } from '../api/generated';
import { useLook } from '../api/look';
import { isWhole } from '../api/lines';
import { useTheLine, whyNot } from '../record/theLine';
import { codeIn, pageOfCode } from '../record/things';
import { wasWanted } from './find';
import { Tag } from './Tag';

type Found = components['schemas']['FoundDocument'];

/** What a line was understood to say: kept as it stands, kept though it was asked about, or mended in its form. */
type Said = { kind: 'line'; key: string; title: string; read: LineRead; more: string[] };
/** What may follow in the line as far as it is written. */
type More = { kind: 'more'; key: string; title: string; insert: string };
/** A line that nobody can read now: it waits as it was written. */
type Later = { kind: 'later'; key: string; title: string };
type Option = Found | Said | More | Later;

/** Where each kind of thing that can be found is looked at. */
const address: Record<Found['kind'], (found: Found) => string> = {
  thing: ({ key }) => pageOfCode(key),
  place: ({ key }) => `/store/where/${key}`,
  person: ({ key }) => `/books/people?whom=${encodeURIComponent(key)}`,
  crop: ({ key }) => `/books/handbook/${key}`,
  reckoner: ({ key }) => `/books/reckoners/${key}`,
  which: ({ key }) => `/books/which/${key}`,
  setting: ({ key }) => `/books/settings#${key}`,
  word: ({ key }) => `/books/words#${encodeURIComponent(key)}`,
  way: ({ key }) => key,
};

const headings: Record<Option['kind'], string> = {
  line: 'Record',
  later: 'Record',
  more: 'What may follow',
  thing: 'Seed and plantings',
  place: 'Places and containers',
  person: 'People',
  crop: 'Handbook',
  reckoner: 'Reckoners',
  which: 'Which one is it?',
  setting: 'Settings',
  word: 'Words',
  way: 'What to do',
};

/** Whether there is anything to say of a line: what it was understood to say, or why nothing of it was. */
const tells = ({ drafts, doubts, left_over, completions }: LineRead): boolean =>
  drafts.length > 0 || doubts.length > 0 || (left_over.length > 0 && completions.length > 0);

/** Finds anything by what is known of it, and records what a line says was done, from any page. Drawn for itself alone: it measures how wide it is whenever it is
 * drawn, for which the browser lays out the whole page. */
export const Find = memo(function Find() {
  const [text, setText] = useState('');
  useEffect(() => {
    if (wasWanted()) document.getElementById('find')?.focus();
  }, []);
  const asked = useDeferredValue(text);
  const found = useFind(asked);
  // What was found for fewer letters is never offered: Enter would open another lot than the one typed.
  const settled = asked === text && !found.isFetching;
  const navigate = useNavigate();
  const { at, on } = useLook();
  const narrow = useMediaQuery((t: Theme) => t.breakpoints.down('md'));
  const about = codeIn(useLocation().pathname);
  const line = useLine(on === undefined ? asked : '', about);
  const theLine = useTheLine();
  // What was asked about the line that stands there; kept all the same when it is pressed again.
  const [question, setQuestion] = useState<{ text: string; asks: string[] } | null>(null);
  const isAsked = question !== null && question.text === text;
  const said: Said[] =
    line.data === undefined || !tells(line.data) || !settled || line.isFetching
      ? []
      : [
          {
            kind: 'line',
            key: text,
            title: line.data.drafts.map((draft) => draft.said).join('; '),
            read: line.data,
            more: isAsked
              ? [...question.asks, 'Press it again if it was so all the same.']
              : [
                  ...line.data.drafts.flatMap(({ doubts }) => doubts),
                  ...line.data.doubts,
                  ...(line.data.left_over.length === 0
                    ? []
                    : [`Not understood: ${line.data.left_over.join(', ')}`]),
                ],
          },
        ];
  // What was not understood may be written down as it stands.
  const notes = said.length === 0 ? [] : (line.data?.notes ?? []);
  if (notes.length > 0)
    said.push({
      kind: 'line',
      key: `${text} as a note`,
      title: notes.map((draft) => draft.said).join('; '),
      read: { drafts: notes, left_over: [], doubts: [], completions: [], notes: [] },
      more: isAsked ? [...question.asks, 'Press it again if it was so all the same.'] : [],
    });
  // Without network a line that names something, or stands on its sheet, is kept as it was written.
  const isAway = line.error !== null && mayPass(line.error) && asked === text;
  const later: Later[] =
    isAway && / /.test(text.trim()) && (about !== '' || /\b[lp] ?\d/i.test(text))
      ? [{ kind: 'later', key: text, title: text }]
      : [];
  const known = useFoundKnown(asked, found.error !== null && mayPass(found.error));
  const things =
    found.data ??
    known.map(({ code, said }): Found => ({ kind: 'thing', key: code, tag: null, title: said, where: '' }));
  // What cannot be kept as it stands is not what Enter is for, where something was found.
  const follows = (line.isFetching ? [] : (line.data?.completions ?? [])).map(({ insert, said }): More => ({
    kind: 'more',
    key: insert,
    title: said,
    insert,
  }));
  const options: Option[] =
    later.length > 0
      ? [...later, ...things]
      : said[0] !== undefined && isWhole(said[0].read)
        ? [...said, ...things, ...follows]
        : [...things, ...said, ...follows];
  const leave = () => {
    setText('');
    document.getElementById('find')?.blur();
  };
  const press = (one: Said) => {
    const [first] = one.read.drafts;
    if (first === undefined) return;
    if (!isWhole(one.read)) {
      leave();
      void navigate(theLine.toForm(first));
      return;
    }
    theLine.keep(one.read.drafts, text, isAsked).then(
      () => {
        setQuestion(null);
        leave();
      },
      (error: unknown) => setQuestion({ text, asks: whyNot(error) }),
    );
  };
  return (
    <Autocomplete
      id="find"
      sx={(t) => ({
        width: { xs: 112, md: 320 },
        flexShrink: 0,
        // On a phone a line has the whole breadth while it is written.
        [t.breakpoints.down('md')]: {
          '&:focus-within': { position: 'absolute', left: 12, right: 12, width: 'auto', zIndex: 5 },
          '&:focus-within .MuiOutlinedInput-root': { bgcolor: t.vars?.palette.background.paper },
        },
      })}
      options={text.trim() === '' || (!settled && later.length === 0) ? [] : options}
      loading={text.trim() !== '' && !settled && later.length === 0}
      loadingText="Looking …"
      // The server has narrowed already, by more than the label shows.
      filterOptions={(options) => options}
      getOptionLabel={(option) => option.title}
      // What says only why nothing was understood is read, and not pressed.
      getOptionDisabled={(option) => option.kind === 'line' && option.read.drafts.length === 0}
      getOptionKey={(option) => `${option.kind} ${option.key}`}
      groupBy={(option) => headings[option.kind]}
      inputValue={text}
      // What is chosen is not written into it.
      onInputChange={(_, value, reason) => reason !== 'reset' && reason !== 'selectOption' && setText(value)}
      value={null}
      onChange={(_, choice) => {
        if (choice === null) return;
        if (choice.kind === 'line') {
          press(choice);
          return;
        }
        if (choice.kind === 'later') {
          theLine.keepAsWritten(text, about);
          leave();
          return;
        }
        if (choice.kind === 'more') {
          setText(`${text.trimEnd()} ${choice.insert}`);
          return;
        }
        leave();
        void navigate(at(address[choice.kind](choice)));
      }}
      noOptionsText={
        text.trim() === ''
          ? 'Type a code, a name, a place, what you want to know, or what was done: L7 41.2 g'
          : 'Nothing of that kind here'
      }
      popupIcon={null}
      autoHighlight
      // While something may be asked about a line it stands there still.
      disableCloseOnSelect={said.length > 0 || follows.length > 0}
      slotProps={{
        popper: { sx: { minWidth: 360 }, placement: 'bottom-end' },
        listbox: { sx: { maxHeight: '75vh' } },
      }}
      renderOption={({ key, ...props }, option) =>
        option.kind === 'later' ? (
          <Box component="li" key={key} {...props} sx={{ display: 'block !important' }}>
            <Box sx={{ fontWeight: 700 }}>Keep as written: {option.title}</Box>
            There is no network. It is read when there is, as of now.
          </Box>
        ) : option.kind === 'more' ? (
          <Box component="li" key={key} {...props}>
            {option.title}
          </Box>
        ) : option.kind === 'line' ? (
          <Box component="li" key={key} {...props} sx={{ display: 'block !important' }}>
            {option.read.drafts.map((draft) => (
              <Box key={draft.said} sx={{ fontWeight: 700 }}>
                {isWhole(option.read) ? 'Keep: ' : 'Open its form: '}
                {draft.said}
              </Box>
            ))}
            {option.more.map((words) => (
              <Box key={words} sx={(t) => ({ color: t.vars?.palette.error.main })}>
                {words}
              </Box>
            ))}
          </Box>
        ) : (
          <Box component="li" key={key} {...props} sx={{ display: 'block !important' }}>
            {option.tag === null ? (
              <Box sx={{ fontWeight: 700 }}>{option.title}</Box>
            ) : (
              <Tag tag={option.tag} />
            )}
            <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
              {option.where}
            </Box>
          </Box>
        )
      }
      renderInput={(params) => (
        <TextField
          {...params}
          placeholder={narrow ? 'Find' : 'Find or record'}
          slotProps={{
            ...params.slotProps,
            htmlInput: {
              ...params.slotProps?.htmlInput,
              'aria-label': 'Find by code, name, note or year, or record a line',
            },
          }}
        />
      )}
    />
  );
});
