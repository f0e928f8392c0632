import Link from 'next/link'
import { Lead, Page, Paper, PlainList, Soft } from '@/ui/kit/surfaces'
import { helpTopics } from './topics'
import { Say } from '@/ui/text/Say'

/** Every question that help answers, with a first answer and the page that answers in full. */
export function TopicsPage() {
  return (
    <Page>
      <div>
        <h1>Help</h1>
        <Lead>Short answers to what people ask. You can also type your question into the search field.</Lead>
      </div>
      {helpTopics.map(({ title, topics }) => (
        <Paper key={title} aria-labelledby={`topics-${title}`}>
          <h2 id={`topics-${title}`}>{title}</h2>
          <PlainList>
            {topics.map((topic) => (
              <li key={topic.id} id={topic.id}>
                {topic.href.startsWith('/learn/help#') ? (
                  <b>
                    <Say>{topic.title}</Say>
                  </b>
                ) : (
                  <Link href={topic.href} prefetch={false}>
                    <Say>{topic.title}</Say>
                  </Link>
                )}
                <Soft>
                  <Say>{topic.answer}</Say>
                </Soft>
              </li>
            ))}
          </PlainList>
        </Paper>
      ))}
    </Page>
  )
}
