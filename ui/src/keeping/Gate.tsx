import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { api, fieldsOf, take } from '../api/client';
import { afterwards, useLink, useWrite } from '../api/queries';
import { TextInput } from '../kit/fields';
import { Trouble } from '../kit/Section';
import { NEW_HINT, PasswordInput } from './PasswordInput';

/** What stands alone on the page: whoever is not known sees nothing else. */
export function Alone({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="main" sx={{ maxWidth: 420, mx: 'auto', px: 2, py: { xs: 4, md: 10 } }}>
      <Box component="h1" sx={{ typography: 'h1', mt: 0, mb: 2 }}>
        {title}
      </Box>
      {children}
    </Box>
  );
}

/** Loaded anew, so that nothing of what a stranger saw is taken for what there is. */
const open = (at: string) => window.location.assign(at);

/** The way in, by name and password. */
export function SignIn() {
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const enter = useWrite(() => take(api.POST('/sign-in', { body: { name, password } })));
  const errors = fieldsOf(enter.error);
  return (
    <Alone title="Sign in">
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void afterwards(enter.mutateAsync(undefined), () =>
            open(window.location.pathname + window.location.search),
          );
        }}
        sx={{ display: 'grid', gap: 2 }}
      >
        <TextInput label="Your name" autoComplete="username" value={name} onChange={setName} />
        <PasswordInput label="Password" value={password} onChange={setPassword} error={errors['password']} />
        {enter.error !== null && Object.keys(errors).length === 0 && <Trouble>{enter.error.message}</Trouble>}
        <Button type="submit" variant="contained" disabled={enter.isPending}>
          Sign in
        </Button>
      </Box>
    </Alone>
  );
}

/** Whoever has a link comes in by it: to keep the garden, or to choose a password anew. The word stands behind #, which no server is told. */
export function Join() {
  const link = window.location.hash.slice(1);
  const [name, setName] = useState<string | null>(null);
  const [password, setPassword] = useState('');
  const look = useLink(link);
  const join = useWrite(() =>
    take(api.POST('/join', { body: { link, name: name ?? look.data?.name ?? '', password } })),
  );
  const errors = fieldsOf(join.error);
  if (look.error !== null)
    return (
      <Alone title="This link leads nowhere">
        <Trouble>{look.error.message}</Trouble>
        <Button sx={{ mt: 2 }} onClick={() => open('/today')}>
          To the garden
        </Button>
      </Alone>
    );
  if (look.data === undefined) return null;
  return (
    <Alone title={look.data.is_new ? 'You are invited' : 'Choose a password anew'}>
      <Box component="p" sx={{ mt: 0 }}>
        {look.data.is_new
          ? `To keep this garden with others. ${look.data.role}.`
          : `For ${look.data.name}. Every browser that is signed in with the old one is signed out.`}
      </Box>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void afterwards(join.mutateAsync(undefined), () => open('/today'));
        }}
        sx={{ display: 'grid', gap: 2 }}
      >
        {look.data.is_new && (
          <TextInput
            label="Your name"
            hint="Stands with what you record"
            autoComplete="username"
            error={errors['name']}
            value={name ?? look.data.name}
            onChange={setName}
          />
        )}
        <PasswordInput
          label="Password"
          isNew
          hint={NEW_HINT}
          error={errors['password']}
          value={password}
          onChange={setPassword}
        />
        {join.error !== null && errors['name'] === undefined && errors['password'] === undefined && (
          <Trouble>{join.error.message}</Trouble>
        )}
        <Button type="submit" variant="contained" disabled={join.isPending}>
          {look.data.is_new ? 'Come in' : 'Keep this password'}
        </Button>
      </Box>
    </Alone>
  );
}
