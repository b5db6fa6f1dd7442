import { useEffect, useRef, useState } from 'react';
import { readJoinCode, sayJoinCode } from '@/core/live/join-code';
import { LIVE_NAME_LIMIT } from '@/core/live/live-name';
import { JOIN_WORDS } from '@/core/words/screen/join';
import { type Called, LIVE } from '@/devices/live/calls';
import type { Joined } from '@/store/joined';
import { useSteady } from '@/ui/use-steady';

const SAY = JOIN_WORDS.door;

type Door = {
  readonly code: string;
  readonly names: readonly { readonly name: string; readonly taken: boolean }[];
  readonly speaks: string;
};

/** A form that was sent, as far as it is looked at. */
type Submitted = { readonly preventDefault: () => void };

type Props = { readonly first: string | null; readonly onJoined: (joined: Joined) => void };

/** Milliseconds after which somebody who was refused for a flood of others tries again. */
const AGAIN = 2000;

/** Asks again, a few times, what was refused only because too much came at once. */
async function patiently<Value>(call: () => Promise<Called<Value>>): Promise<Called<Value>> {
  for (let tries = 1; ; tries++) {
    const called = await call();
    if (called.ok || called.status !== 429 || tries === 5) return called;
    await new Promise((done) => setTimeout(done, AGAIN));
  }
}

/** The door of a class: its code, and then a name from its list or another one. */
export function DoorView({ first, onJoined }: Props) {
  const [door, setDoor] = useState<Door | null>(null);
  const [looking, setLooking] = useState(first !== null);
  const [why, setWhy] = useState('');
  const { look, join } = useSteady({
    look: async (code: string) => {
      setLooking(true);
      setWhy('');
      const called = await patiently(() => LIVE.door(code));
      setLooking(false);
      if (called.ok) setDoor({ code, ...called.value });
      else setWhy(called.status === 404 ? SAY.notFound(sayJoinCode(code)) : called.why || SAY.noServer);
    },
    join: async (name: string) => {
      if (!door) return;
      setWhy('');
      const called = await patiently(() => LIVE.join(door.code, name));
      if (!called.ok) {
        setWhy(called.why || SAY.noServer);
        return;
      }
      const { person, token, name: apart } = called.value;
      const { code, speaks } = door;
      onJoined({ v: 1, code, speaks, person, token, name: apart, given: null, proof: null, draft: null });
    },
  });
  useEffect(() => {
    if (first !== null) void look(first);
  }, [first, look]);
  return (
    <>
      <h1 className="font-serif text-sentence font-bold">{SAY.title}</h1>
      <p role="status" className="text-quiet empty:hidden">
        {looking ? SAY.looking : ''}
      </p>
      {why && (
        <p role="alert" className="text-wrong">
          {why}
        </p>
      )}
      {door ? (
        <WhoCard door={door} onJoin={(name) => void join(name)} onCode={() => setDoor(null)} />
      ) : (
        !looking && <CodeCard onCode={(code) => void look(code)} />
      )}
    </>
  );
}

function CodeCard({ onCode }: { readonly onCode: (code: string) => void }) {
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState(false);
  const submit = (event: Submitted) => {
    event.preventDefault();
    const code = readJoinCode(typed);
    setWrong(code === null);
    if (code !== null) onCode(code);
  };
  return (
    <form onSubmit={submit} className="card flex flex-col gap-3 px-4 py-4">
      <label className="flex flex-col gap-1">
        {SAY.code}
        <input
          className="field font-serif text-sentence uppercase tracking-widest"
          value={typed}
          maxLength={12}
          autoComplete="off"
          autoCapitalize="characters"
          spellCheck={false}
          aria-describedby="code-help"
          onChange={({ target }) => setTyped(target.value)}
        />
      </label>
      <p
        id="code-help"
        className={wrong ? 'text-wrong' : 'text-small text-quiet'}
        role={wrong ? 'alert' : undefined}
      >
        {wrong ? SAY.noCode : SAY.codeHelp}
      </p>
      <button type="submit" className="control min-h-12 justify-center bg-ink! text-sheet!">
        {SAY.go}
      </button>
    </form>
  );
}

type WhoProps = {
  readonly door: Door;
  readonly onJoin: (name: string) => void;
  readonly onCode: () => void;
};

function WhoCard({ door, onJoin, onCode }: WhoProps) {
  const [name, setName] = useState('');
  const title = useRef<HTMLHeadingElement>(null);
  useEffect(() => title.current?.focus(), []);
  const submit = (event: Submitted) => {
    event.preventDefault();
    if (name.trim() !== '') onJoin(name);
  };
  return (
    <section aria-labelledby="who" className="card flex flex-col gap-3 px-4 py-4">
      <h2 ref={title} tabIndex={-1} id="who" className="font-serif text-large font-bold outline-none">
        {SAY.who}
      </h2>
      {door.names.length > 0 && (
        <ul className="grid grid-cols-2 gap-2 sm:grid-cols-3">
          {door.names.map(({ name: each, taken }) => (
            <li key={each}>
              <button
                type="button"
                disabled={taken}
                className="control min-h-12 w-full justify-center font-serif text-large disabled:opacity-60"
                onClick={() => onJoin(each)}
              >
                <span className="wrap-anywhere">{each}</span>
                {taken && <span className="font-sans text-small">{SAY.taken}</span>}
              </button>
            </li>
          ))}
        </ul>
      )}
      <form onSubmit={submit} className="flex flex-wrap items-end gap-2">
        <label className="flex min-w-40 grow flex-col gap-1">
          {SAY.other}
          <input
            className="field"
            value={name}
            maxLength={LIVE_NAME_LIMIT}
            autoComplete="off"
            onChange={({ target }) => setName(target.value)}
          />
        </label>
        <button type="submit" className="control min-h-11" disabled={name.trim() === ''}>
          {SAY.join}
        </button>
      </form>
      <p className="text-small text-quiet">{SAY.seen}</p>
      <button type="button" className="self-start text-small underline" onClick={onCode}>
        {SAY.anotherCode}
      </button>
    </section>
  );
}
