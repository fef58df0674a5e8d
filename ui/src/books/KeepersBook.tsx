import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import { api, fieldsOf, take, type KeeperOf, type Keepers, type Pass } from '../api/client';
import { afterwards, useKeepers, useWrite } from '../api/queries';
import type { Role } from '../api/present';
import { ChoiceInput, TextInput } from '../kit/fields';
import { Coming } from '../kit/Coming';
import { Caution, Section, Trouble } from '../kit/Section';
import { useSay } from '../kit/Said';
import { NEW_HINT, PasswordInput } from '../keeping/PasswordInput';
import { SquareMark } from '../tags/SquareMark';

/** Who keeps the garden, what lets them in, who came and went. */
export function KeepersBook() {
  const keepers = useKeepers();
  if (keepers.error !== null) return <Trouble>{keepers.error.message}</Trouble>;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Box component="h1" sx={{ typography: 'h1', mt: 0, mb: 2 }}>
        Keepers
      </Box>
      {keepers.data === undefined ? (
        <Coming lines={6} height={44} />
      ) : keepers.data.me.keeper === null || !keepers.data.me.signed ? (
        <>
          {keepers.data.me.keeper !== null && <Unasked keepers={keepers.data} me={keepers.data.me.keeper} />}
          <First />
        </>
      ) : (
        <Known keepers={keepers.data} me={keepers.data.me.keeper} />
      )}
    </Box>
  );
}

/** Several keep it, and nobody is asked who they are. */
function Unasked({ keepers, me }: { keepers: Keepers; me: KeeperOf }) {
  return (
    <Section title="Who keeps this garden">
      <List>
        {keepers.keepers.map(({ id, name, role }) => (
          <Row key={id}>
            <b>{name}</b>
            {id === me.id && '(you: what you record here stands under this name)'}
            <Box component="span" sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
              {role}
            </Box>
          </Row>
        ))}
      </List>
    </Section>
  );
}

/** A garden of one keeper at one machine, who may let others in. */
function First() {
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const first = useWrite(() => take(api.POST('/keepers/first', { body: { name, password } })));
  const errors = fieldsOf(first.error);
  return (
    <>
      <p style={{ maxWidth: '46em', marginTop: 0 }}>
        Nobody signs in: whoever is at this machine keeps the garden, and no other machine reaches it. To let
        others keep it with you, each by their own name, become its owner. From then on everybody signs in,
        you too.
      </p>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void afterwards(first.mutateAsync(undefined), () => window.location.reload());
        }}
        sx={{ display: 'grid', gap: 2, maxWidth: 420 }}
      >
        <TextInput
          label="Your name"
          autoComplete="username"
          error={errors['name']}
          value={name}
          onChange={setName}
        />
        <PasswordInput
          label="Password"
          isNew
          hint={NEW_HINT}
          error={errors['password']}
          value={password}
          onChange={setPassword}
        />
        {first.error !== null && Object.keys(errors).length === 0 && <Trouble>{first.error.message}</Trouble>}
        <Button type="submit" variant="contained" disabled={first.isPending}>
          Become the owner
        </Button>
      </Box>
    </>
  );
}

function Known({ keepers, me }: { keepers: Keepers; me: KeeperOf }) {
  const isOwner = me.role === 'owner';
  return (
    <>
      <Section title="Who keeps this garden">
        <List>
          {keepers.keepers.map((keeper) => (
            <Keeper
              key={keeper.id}
              keeper={keeper}
              isMe={keeper.id === me.id}
              isOwner={isOwner}
              keepers={keepers}
            />
          ))}
        </List>
        {isOwner && <Invite roles={keepers.roles} />}
        {keepers.invitations.length > 0 && (
          <>
            <Box component="h3" sx={{ typography: 'h3', mb: 0 }}>
              Links that were not used yet
            </Box>
            <Passes passes={keepers.invitations} act="Take it back" />
          </>
        )}
      </Section>
      <Section title="Where you are signed in">
        <Passes passes={keepers.browsers} act="Sign out there" />
        <Out me={me.id} />
      </Section>
      <Section title="Your password">
        <NewPassword />
      </Section>
      <Section title="Calendars, instruments and programs">
        <p style={{ maxWidth: '46em', marginTop: 0 }}>
          Each has a token of its own, for one purpose. It can do no more than you may, and ends when you take
          it back.
        </p>
        <Passes passes={keepers.tokens} act="Take it back" />
        <Token purposes={keepers.purposes} />
      </Section>
      {isOwner && (
        <Section title="Who came and went">
          <List>
            {keepers.comings.map((coming, i) => (
              // A line has no number of its own, and none is put between.
              <Row key={keepers.comings.length - i}>
                <Box sx={{ flex: 1, minWidth: 200 }}>{coming.said}</Box>
                <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
                  {coming.at}, from {coming.address}
                </Box>
              </Row>
            ))}
          </List>
        </Section>
      )}
    </>
  );
}

const List = ({ children }: { children: ReactNode }) => (
  <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
    {children}
  </Box>
);

const Row = ({ children }: { children: ReactNode }) => (
  <Box
    component="li"
    sx={(t) => ({
      display: 'flex',
      flexWrap: 'wrap',
      alignItems: 'center',
      columnGap: 2,
      py: 0.5,
      borderBottom: `1px solid ${t.vars?.palette.quiet}`,
    })}
  >
    {children}
  </Box>
);

function Keeper({
  keeper,
  isMe,
  isOwner,
  keepers,
}: {
  keeper: KeeperOf;
  isMe: boolean;
  isOwner: boolean;
  keepers: Keepers;
}) {
  const say = useSay();
  const [opened, setOpened] = useState(false);
  const [word, setWord] = useState<string | null>(null);
  const path = { path: { id: keeper.id } };
  const become = useWrite((role: Role) => take(api.PUT('/keepers/{id}', { params: path, body: { role } })));
  const out = useWrite(() => take(api.POST('/keepers/{id}/sign-out', { params: path, body: {} })));
  const leave = useWrite(() => take(api.POST('/keepers/{id}/leave', { params: path, body: {} })));
  const anew = useWrite(() => take(api.POST('/keepers/{id}/password-link', { params: path, body: {} })));
  const error = become.error ?? out.error ?? leave.error ?? anew.error;
  return (
    <Row>
      <Box sx={{ flex: 1, minWidth: 200 }}>
        <b>{keeper.name}</b>
        {isMe && ' (you)'}
        <Box component="span" sx={(t) => ({ ml: 1, color: t.vars?.palette.text.secondary })}>
          {keeper.role}
          {keeper.seen !== '' && `, here last ${keeper.seen}`}
        </Box>
      </Box>
      {(isMe || isOwner) && (
        <Button
          variant="text"
          aria-expanded={opened}
          aria-label={`Change what ${keeper.name} may do`}
          onClick={() => setOpened(!opened)}
        >
          {opened ? 'Close' : 'Change …'}
        </Button>
      )}
      {opened && (
        <Box sx={{ flexBasis: '100%', pb: 1 }}>
          {isOwner && (
            <ChoiceInput
              label={`${keeper.name} is`}
              options={keepers.roles}
              value={keeper.role}
              onChange={(role) =>
                void afterwards(become.mutateAsync(role as Role), () =>
                  say(`${keeper.name} is ${role === 'owner' ? 'an' : 'a'} ${role} now.`),
                )
              }
            />
          )}
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
            {isOwner && !isMe && (
              <>
                <Button
                  onClick={() => void afterwards(anew.mutateAsync(undefined), (made) => setWord(made.word))}
                >
                  A link for a new password
                </Button>
                <Button
                  onClick={() =>
                    void afterwards(out.mutateAsync(undefined), () =>
                      say(`${keeper.name} is out everywhere.`),
                    )
                  }
                >
                  Sign {keeper.name} out everywhere
                </Button>
              </>
            )}
            <Button
              onClick={() =>
                void afterwards(leave.mutateAsync(undefined), () =>
                  isMe
                    ? window.location.assign('/today')
                    : say(`${keeper.name} keeps this garden no more. What they recorded stays.`),
                )
              }
            >
              {isMe ? 'Leave this garden' : `Let ${keeper.name} go`}
            </Button>
          </Box>
          {word !== null && <TheLink word={word} says={`For ${keeper.name}, once, within a day.`} />}
          {error !== null && <Trouble>{error.message}</Trouble>}
        </Box>
      )}
    </Row>
  );
}

/** A link that is handed on: copied, or read off the screen by the other one's phone. */
function TheLink({ word, says }: { word: string; says: string }) {
  const at = `${window.location.origin}/join#${word}`;
  return (
    <Box role="group" aria-label="The link" sx={{ my: 1.5 }}>
      <Box sx={{ mb: 1 }}>{says} It is seen this once: copy it, or have it read off the screen.</Box>
      <Box component="code" sx={{ display: 'block', overflowWrap: 'anywhere', mb: 1 }}>
        {at}
      </Box>
      <SquareMark text={at} mm={38} />
      {['127.0.0.1', 'localhost'].includes(window.location.hostname) && (
        <Caution>
          This address is that of this machine alone: from another the link leads nowhere. Open Marrow by the
          address that others use, and make the link there.
        </Caution>
      )}
    </Box>
  );
}

function Invite({ roles }: { roles: Keepers['roles'] }) {
  const [role, setRole] = useState<string>('keeper');
  const [name, setName] = useState('');
  const invite = useWrite(() => take(api.POST('/keepers/invite', { body: { role: role as Role, name } })));
  return (
    <Box
      component="form"
      noValidate
      aria-label="Invite somebody"
      onSubmit={(event) => {
        event.preventDefault();
        void afterwards(invite.mutateAsync(undefined), () => setName(''));
      }}
      sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1.5, maxWidth: 560, mt: 2 }}
    >
      <Box component="h3" sx={{ typography: 'h3', m: 0 }}>
        Invite somebody
      </Box>
      <TextInput label="Their name" hint="Or leave it to them" value={name} onChange={setName} />
      <ChoiceInput label="As" options={roles} value={role} onChange={setRole} />
      <Button type="submit" sx={{ justifySelf: 'start' }} disabled={invite.isPending}>
        Make a link
      </Button>
      {invite.error !== null && <Trouble>{invite.error.message}</Trouble>}
      {invite.data !== undefined && <TheLink word={invite.data.word} says={invite.data.said} />}
    </Box>
  );
}

function Passes({ passes, act }: { passes: Pass[]; act: string }) {
  const end = useWrite((id: string) =>
    take(api.POST('/passes/{id}/end', { params: { path: { id } }, body: {} })),
  );
  return (
    <>
      <List>
        {passes.map((pass) => (
          <Row key={pass.id}>
            <Box sx={{ flex: 1, minWidth: 200 }}>
              <b>{pass.name === '' ? 'Somebody' : pass.name}</b>
              {pass.here && ', here'}
              <Box sx={(t) => ({ color: t.vars?.palette.text.secondary })}>
                {[
                  pass.what === 'a browser' ? '' : pass.what,
                  pass.used === '' ? `since ${pass.made}` : `last used ${pass.used}`,
                  pass.what !== 'a browser' && pass.ends !== '' ? `until ${pass.ends}` : '',
                ]
                  .filter((part) => part !== '')
                  .join('; ')}
              </Box>
            </Box>
            {!pass.here && (
              <Button variant="text" aria-label={`${act}: ${pass.name}`} onClick={() => end.mutate(pass.id)}>
                {act}
              </Button>
            )}
          </Row>
        ))}
      </List>
      {end.error !== null && <Trouble>{end.error.message}</Trouble>}
    </>
  );
}

function Out({ me }: { me: string }) {
  const here = useWrite(() => take(api.POST('/sign-out', { body: {} })));
  const all = useWrite(() =>
    take(api.POST('/keepers/{id}/sign-out', { params: { path: { id: me } }, body: {} })),
  );
  const gone = () => window.location.assign('/today');
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1.5 }}>
      <Button onClick={() => void afterwards(here.mutateAsync(undefined), gone)}>Sign out here</Button>
      <Button onClick={() => void afterwards(all.mutateAsync(undefined), gone)}>Sign out everywhere</Button>
    </Box>
  );
}

function NewPassword() {
  const say = useSay();
  const [old, setOld] = useState('');
  const [password, setPassword] = useState('');
  const change = useWrite(() => take(api.PUT('/me/password', { body: { old, password } })));
  const errors = fieldsOf(change.error);
  return (
    <Box
      component="form"
      noValidate
      aria-label="Change your password"
      onSubmit={(event) => {
        event.preventDefault();
        void afterwards(change.mutateAsync(undefined), () => {
          setOld('');
          setPassword('');
          say('Changed. Every other browser of yours is signed out.');
        });
      }}
      sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1.5, maxWidth: 420 }}
    >
      <PasswordInput label="The one you have" error={errors['old']} value={old} onChange={setOld} />
      <PasswordInput
        label="The new one"
        isNew
        hint={NEW_HINT}
        error={errors['password']}
        value={password}
        onChange={setPassword}
      />
      {change.error !== null && Object.keys(errors).length === 0 && <Trouble>{change.error.message}</Trouble>}
      <Button
        type="submit"
        sx={{ justifySelf: 'start' }}
        disabled={change.isPending || old === '' || password === ''}
      >
        Change it
      </Button>
    </Box>
  );
}

function Token({ purposes }: { purposes: Keepers['purposes'] }) {
  const [name, setName] = useState('');
  const [purpose, setPurpose] = useState('calendar');
  const make = useWrite(() => take(api.POST('/tokens', { body: { name, purpose } })));
  const errors = fieldsOf(make.error);
  return (
    <Box
      component="form"
      noValidate
      aria-label="Make a token"
      onSubmit={(event) => {
        event.preventDefault();
        void afterwards(make.mutateAsync(undefined), () => setName(''));
      }}
      sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1.5, maxWidth: 560, mt: 1.5 }}
    >
      <TextInput
        label="What it is called"
        hint="Kitchen calendar, cellar logger"
        error={errors['name']}
        value={name}
        onChange={setName}
      />
      <ChoiceInput label="For" options={purposes} value={purpose} onChange={setPurpose} />
      {errors['purpose'] !== undefined && <Trouble>{errors['purpose']}</Trouble>}
      <Button type="submit" sx={{ justifySelf: 'start' }} disabled={make.isPending}>
        Make a token
      </Button>
      {make.data !== undefined && (
        <Box role="group" aria-label="The token">
          {make.data.said}
          <Box component="code" sx={{ display: 'block', overflowWrap: 'anywhere', mt: 0.5 }}>
            {purpose === 'calendar'
              ? `${window.location.origin}/api/calendar.ics?token=${make.data.word}`
              : make.data.word}
          </Box>
        </Box>
      )}
    </Box>
  );
}
