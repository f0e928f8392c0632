import Link from 'next/link'
import { Columns, Page, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { LinksTo } from '../lookup/LinksTo'
import { type OneTechnique } from './loadTechnique'
import { DRAWN_SO, TechniqueSteps } from './Steps'

const OTHERS = { seam: 'Other seams', hem: 'Other hems', way: 'Other ways' } as const

/** One way of sewing, step by step, and the cloths that it is advised for. */
export function TechniquePage({ cloths, isOfAll, others, tried, ...technique }: OneTechnique) {
  return (
    <Page>
      <div>
        <Link href={`/techniques#${technique.id}`}>Seams, hems and ways</Link>
        <h1>{technique.name}</h1>
      </div>
      <Paper aria-label="Step by step">
        <TechniqueSteps technique={technique} tried={tried} />
        <Soft>{DRAWN_SO} Try it on a scrap of the very cloth.</Soft>
      </Paper>
      <Columns $first="1.5fr">
        <Paper aria-labelledby="advised">
          <h2 id="advised">Advised for</h2>
          {isOfAll ? (
            <p>Every cloth.</p>
          ) : cloths.length > 0 ? (
            <p>
              <LinksTo of={cloths} path="/learn/cloths" between=", " />
            </p>
          ) : (
            <Soft>No cloth by its name alone: it depends on what is made of it, or on what else is known.</Soft>
          )}
          <Soft>By the rules that advise for a piece, for the cloth alone; what is made of it moves the advice.</Soft>
        </Paper>
        <Stack>
          <Paper aria-labelledby="others">
            <h2 id="others">{OTHERS[technique.what]}</h2>
            <p>
              <LinksTo of={others} path="/learn/techniques" between=", " />
            </p>
          </Paper>
        </Stack>
      </Columns>
    </Page>
  )
}
