import Link from 'next/link'
import { Columns, Page, Paper, Soft, Stack } from '@/ui/kit/surfaces'
import { LinksTo } from '../lookup/LinksTo'
import { type OneTechnique } from './loadTechnique'
import { DRAWN_SO, TechniqueSteps } from './Steps'
import { Say } from '@/ui/text/Say'

const OTHERS = { seam: 'Other seams', hem: 'Other hems', way: 'Other techniques' } as const

/** One way of sewing, step by step, and the cloths that it is advised for. */
export function TechniquePage({ cloths, isOfAll, others, tried, ...technique }: OneTechnique) {
  return (
    <Page>
      <div>
        <Link href={`/learn/techniques#${technique.id}`}>Sewing techniques</Link>
        <h1>{technique.name}</h1>
      </div>
      <Paper aria-label="Step by step">
        <TechniqueSteps technique={technique} tried={tried} />
        <Soft>
          <Say>{DRAWN_SO}</Say> Try it on a scrap of the same fabric.
        </Soft>
      </Paper>
      <Columns $first="1.5fr">
        <Paper aria-labelledby="advised">
          <h2 id="advised">Recommended for</h2>
          {isOfAll ? (
            <p>Every fabric.</p>
          ) : cloths.length > 0 ? (
            <p>
              <LinksTo of={cloths} path="/learn/fabrics" between=", " />
            </p>
          ) : (
            <Soft>
              The name of a fabric does not decide this: it depends on what you make, or on its other properties.
            </Soft>
          )}
          <Soft>By our rules, for the fabric alone; the garment can change the advice.</Soft>
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
