import { identifyTopics } from './identify'
import { makeTopics } from './make'
import { programTopics } from './program'
import { stashTopics } from './stash'
import { type HelpTopic } from './topic'

/** Every question that help answers, by place. */
export const helpTopics: readonly { title: string; topics: readonly HelpTopic[] }[] = [
  { title: 'The program', topics: programTopics },
  { title: 'Identify', topics: identifyTopics },
  { title: 'Stash', topics: stashTopics },
  { title: 'Make', topics: makeTopics },
]
