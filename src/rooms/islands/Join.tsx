import { JoinRoom } from '../join/JoinRoom';

/** The island of the page on which a class is joined. */
export function Join() {
  return <JoinRoom />;
}
