import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refusal } from '../api';
import type { DoorLink, People } from '../contracts.generated';
import { useCook } from '../cook';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Field, Pick } from '../parts/Field';
import { Title } from '../parts/Title';
import { LinkToGive } from '../people/LinkToGive';
import { ROLES, roleWords, type Person } from '../people/words';
import { clock, day } from '../time';
import { queries } from '../queries';

/** Who belongs to the kitchen, what each may do, and the way in for somebody new. For its chefs. */
export function PeopleScreen() {
  const people = useQuery(queries.people);
  if (!people.data) {
    return (
      <main className="p-8 text-lg text-ink-soft">
        {people.isError ? 'Only a chef sees who belongs to the kitchen.' : 'Looking up who is here …'}
      </main>
    );
  }
  return (
    <main className="grid flex-1 grid-cols-[minmax(0,1fr)_minmax(0,26rem)] gap-x-10 gap-y-6 px-5 py-3 max-lg:grid-cols-1 max-md:px-3">
      <div>
        <Title>People</Title>
        <h1 className="text-3xl font-bold">People</h1>
        <ul className="mt-2 border-t-2 border-ink">
          {people.data.people.map((person) => (
            <Row key={person.id} person={person} />
          ))}
        </ul>
        <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4 text-base text-ink-soft">
          {ROLES.map(([role, name, may]) => (
            <div key={role} className="contents">
              <dt className="font-semibold">{name}</dt>
              <dd>{may}</dd>
            </div>
          ))}
        </dl>
      </div>
      <Invite open={people.data.invitations} />
    </main>
  );
}

function useKept() {
  const client = useQueryClient();
  return (next: People) => {
    client.setQueryData(queries.people.queryKey, next);
    void client.invalidateQueries(queries.session);
  };
}

const why = (fault: Error | null) =>
  fault instanceof Refusal ? (fault.problem.errors?.[0]?.detail ?? fault.message) : fault?.message;

function Row({ person }: { person: Person }) {
  const kept = useKept();
  const [sure, setSure] = useState(false);
  const role = useMutation({ mutationFn: (to: string) => api.giveRole(person.id, to), onSuccess: kept });
  const away = useMutation({
    mutationFn: () => api.takeAway(person.id),
    onSuccess: kept,
    onSettled: () => setSure(false),
  });
  const link = useMutation({ mutationFn: () => api.passwordLink(person.id) });
  const said = why(role.error ?? away.error ?? link.error);
  return (
    <li aria-label={person.name} className="border-b border-rule py-2">
      <div className="flex flex-wrap items-center gap-3">
        <p className="min-w-0 flex-1 basis-48 text-lg leading-tight">
          <b className="block text-xl">
            {person.name}
            {person.you && <span className="font-normal text-ink-soft"> (you)</span>}
          </b>
          <span className="break-words text-ink-soft">
            {person.email}
            {person.has_pin && ' · has a PIN'}
          </span>
        </p>
        <div className="w-36">
          <Choice
            label={`Role of ${person.name}`}
            value={person.role}
            onChange={(to) => role.mutate(to)}
            options={ROLES.map(([value, label]) => ({ value, label }))}
          />
        </div>
        <button
          disabled={link.isPending}
          onClick={() => link.mutate()}
          className="min-h-12 rounded-lg border-2 border-ink px-4 text-lg"
        >
          Forgot the password
        </button>
        <button
          disabled={away.isPending}
          data-sure={sure}
          onClick={() => (sure ? away.mutate() : setSure(true))}
          onBlur={() => setSure(false)}
          className="min-h-12 rounded-lg border-2 border-tomato px-4 text-lg text-tomato data-[sure=true]:bg-tomato data-[sure=true]:text-white"
        >
          {sure ? 'Touch again to be sure' : 'Remove'}
        </button>
      </div>
      {sure && (
        <p className="mt-1 text-base text-ink-soft">
          Nothing opens for {person.name} any more; the name stays in the log.
        </p>
      )}
      {said && (
        <p role="alert" className="mt-1 text-lg text-tomato">
          {person.name} {said}.
        </p>
      )}
      {link.data && (
        <div className="mt-2">
          <LinkToGive link={link.data} />
        </div>
      )}
    </li>
  );
}

function Invite({ open }: { open: People['invitations'] }) {
  const client = useQueryClient();
  const { timezone } = useCook();
  const kept = useKept();
  const [link, setLink] = useState<{ link: DoorLink; to?: string } | null>(null);
  const back = useMutation({ mutationFn: api.uninvite, onSuccess: kept });
  return (
    <section aria-label="Somebody new">
      <h2 className="border-b-2 border-ink pb-1 text-2xl font-bold">Somebody new</h2>
      <div className="mt-3 grid gap-4">
        <Entry
          values={{ format: 'velko.invitation/1', role: 'cook', email: null as string | null }}
          words="Make the link"
          save={async (entry) => ({ made: await api.invite(entry), to: entry.email })}
          onSaved={({ made, to }) => {
            setLink({ link: made, ...(to ? { to } : {}) });
            void client.invalidateQueries(queries.people);
          }}
        >
          <Pick
            name="role"
            label="Comes as"
            options={ROLES.map(([value, name, may]) => [value, `${name}: ${may}`] as const)}
          />
          <Field
            name="email"
            label="E-mail, if the link is to be mailed"
            kind="email"
            empty={null}
            hint="Without it, show the picture or send the link yourself."
          />
        </Entry>
        {link && <LinkToGive {...link} />}
        {open.length > 0 && (
          <ul aria-label="Open invitations" className="border-t-2 border-rule">
            {open.map((one) => (
              <li
                key={one.id}
                className="flex items-center justify-between gap-3 border-b border-rule py-1 text-lg"
              >
                <span className="min-w-0 break-words">
                  {roleWords(one.role)}
                  {one.email && `, ${one.email}`}{' '}
                  <span className="text-ink-soft">
                    until {day(one.expires_at, timezone)} {clock(one.expires_at, timezone)}
                  </span>
                </span>
                <button
                  onClick={() => back.mutate(one.id)}
                  className="min-h-12 rounded-lg border-2 border-rule px-3"
                >
                  Take back
                </button>
              </li>
            ))}
          </ul>
        )}
      </div>
    </section>
  );
}
