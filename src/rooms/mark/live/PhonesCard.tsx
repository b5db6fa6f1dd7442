import { Check, X } from 'lucide-react';
import { useState } from 'react';
import { countsAt, guestId, studentOf } from '@/core/live/desk';
import { sayJoinCode } from '@/core/live/join-code';
import { liveWords } from '@/core/words/screen/live';
import type { Person } from '@/store/person';
import { QrCode } from '@/ui/QrCode';
import { Sure } from '@/ui/Sure';
import { useWords } from '@/ui/school/use-class';
import type { DeskHandle } from './use-desk';

type Props = {
  readonly handle: DeskHandle;
  readonly students: readonly Person[];
  readonly link: string | null;
  readonly onOpen: (list: boolean) => void;
  readonly onKnow: (person: string, student: string) => void;
  readonly onHost: (host: string) => void;
};

/** The class on its phones: how it is opened and joined, and who is there. */
export function PhonesCard({ handle, students, link, onOpen, onKnow, onHost }: Props) {
  const say = liveWords(useWords()).phones;
  const { desk, state, why, hands } = handle;
  const [list, setList] = useState(true);
  const [closing, setClosing] = useState(false);
  if (!desk.link) {
    return (
      <section aria-label={say.title} className="card flex flex-col items-start gap-2 px-4 py-3 text-small">
        <h2 className="font-bold text-quiet">{say.title}</h2>
        <p>{say.help}</p>
        {students.length > 0 && (
          <label className="flex items-start gap-2">
            <input type="checkbox" className="mt-1" checked={list} onChange={() => setList(!list)} />
            {say.list}
          </label>
        )}
        <button type="button" className="control" onClick={() => onOpen(list)}>
          {say.open}
        </button>
        <p role="status" className="empty:hidden">
          {state === 'expired' ? say.lines.expired : ''}
        </p>
        {why && (
          <p role="alert" className="text-wrong">
            {why === 'no-server' ? say.noServer : why}
          </p>
        )}
      </section>
    );
  }
  const { of } = countsAt(desk);
  return (
    <section aria-label={say.title} className="card flex flex-col gap-2 px-4 py-3 text-small">
      <h2 className="flex justify-between font-bold text-quiet">
        {say.title}
        <span role="status" className={state === 'open' ? 'font-normal' : 'text-wrong'}>
          {say.lines[state]}
        </span>
      </h2>
      <div className="flex items-center gap-3">
        {link && (
          <div className="flex w-24 shrink-0 flex-col">
            <QrCode text={link} title={say.qr} long={say.noQr} />
          </div>
        )}
        <dl className="min-w-0">
          <dt className="text-quiet">{say.code}</dt>
          <dd className="font-serif text-sentence font-bold">{sayJoinCode(desk.link.code)}</dd>
          <dt className="text-quiet">{say.at}</dt>
          <dd className="wrap-anywhere">{link?.replace(/^https?:\/\/|\?.*$/gu, '')}</dd>
        </dl>
      </div>
      {desk.link.addresses.length > 1 && (
        <select className="field" aria-label={say.host} onChange={({ target }) => onHost(target.value)}>
          {desk.link.addresses.map((host) => (
            <option key={host}>{host}</option>
          ))}
        </select>
      )}
      <p className="text-quiet">{desk.link.addresses.length === 0 ? say.closedToOthers : say.plain}</p>
      <p>{desk.people.length === 0 ? say.nobody : say.people(of, desk.people.length)}</p>
      <People handle={handle} students={students} onKnow={onKnow} />
      {closing ? (
        <Sure
          label={say.close}
          text={say.closeSure}
          keep={say.keep}
          doIt={say.close}
          onKeep={() => setClosing(false)}
          onDo={() => {
            setClosing(false);
            hands.close();
          }}
        />
      ) : (
        <button type="button" className="control self-start" onClick={() => setClosing(true)}>
          {say.close}
        </button>
      )}
    </section>
  );
}

function People({ handle, students, onKnow }: Pick<Props, 'handle' | 'students' | 'onKnow'>) {
  const say = liveWords(useWords()).phones;
  const { desk, hands } = handle;
  const answered = new Set(desk.answers.flatMap(({ person, code }) => (code === null ? [] : [person])));
  return (
    <ul className="flex max-h-44 flex-col overflow-y-auto">
      {desk.people.map((each) => {
        const { person, name, here } = each;
        const isGuest = studentOf(each, desk.known, students) === guestId(person);
        return (
          <li key={person} className="flex min-h-7 items-center gap-2">
            <span
              aria-hidden="true"
              className={`size-2 shrink-0 rounded-full ${here ? 'bg-correct' : 'border border-edge'}`}
            />
            <span className="min-w-0 grow truncate font-serif">{name}</span>
            <span className="sr-only">{here ? say.here : say.away}</span>
            {answered.has(person) && <Check className="size-4" aria-label={say.hasAnswered} />}
            {isGuest && students.length > 0 && (
              <select
                className="field w-24 py-0! text-small"
                aria-label={say.who(name)}
                value=""
                onChange={({ target }) => target.value && onKnow(person, target.value)}
              >
                <option value="">{say.guest}</option>
                {students.map((student) => (
                  <option key={student.id} value={student.id}>
                    {student.name}
                  </option>
                ))}
              </select>
            )}
            <button
              type="button"
              className="beside-button flex min-h-7 min-w-7 items-center justify-center"
              aria-label={say.sendOut(name)}
              title={say.sendOut(name)}
              onClick={() => hands.sendOut(person)}
            >
              <X className="size-3.5" aria-hidden="true" />
            </button>
          </li>
        );
      })}
    </ul>
  );
}
