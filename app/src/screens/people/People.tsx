import type { PersonOfShop } from '@hold-fast/contract/people';
import { router } from 'expo-router';
import { usePeople } from '../../data/people';
import { Button } from '../../ui/Button';
import { Page } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { Empty, Failed, Loading } from '../../ui/Standing';
import { peopleWords } from '../../words/people';
import { words } from '../../words/words';
import { Tablets } from './Tablets';

/** How somebody stands, in a line: their role and what is to know besides. */
const standing = ({ role, apprentice, locked, choosing, sessions }: PersonOfShop) =>
  [
    words.role[role],
    apprentice ? peopleWords.apprentice : '',
    locked ? peopleWords.locked : '',
    choosing ? peopleWords.choosing : '',
    sessions.length > 0 ? peopleWords.signedIn(sessions.length) : '',
  ]
    .filter(Boolean)
    .join(' · ');

const takeOn = () => router.navigate('/people/new');

/** Everybody whose account one looks after. */
export function People() {
  const people = usePeople();
  return (
    <Page title={peopleWords.title} foot={<Button says={peopleWords.add} onPress={takeOn} />}>
      {people.isPending ? (
        <Loading />
      ) : people.error ? (
        <Failed error={people.error} onRetry={() => void people.refetch()} />
      ) : people.data.length === 0 ? (
        <Empty
          title={peopleWords.title}
          says={peopleWords.none}
          action={{ says: peopleWords.add, onPress: takeOn }}
        />
      ) : (
        people.data.map((person) => (
          <Row
            key={person.id}
            title={person.name}
            says={standing(person)}
            onPress={() => router.navigate(`/people/${person.id}`)}
          />
        ))
      )}
      <Tablets />
    </Page>
  );
}
