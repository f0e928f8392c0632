import Link from 'next/link'
import { countNoun } from '@/core/units/format'
import { Columns, Lead, Page, Paper, Soft } from '@/ui/kit/surfaces'
import { StashShelf } from '../../shared/stash/Shelf'
import { LinksTo } from '../lookup/LinksTo'
import { type OneSign } from './loadSign'
import { Say } from '@/ui/text/Say'

/** One sign of a care label: what it looks like and allows, what bears it, and the pieces that have it. */
export function SignPage({ title, shape, group, bearing, hurt, others, pieces, folds }: OneSign) {
  return (
    <Page>
      <div>
        <Link href="/learn/care">All care symbols</Link>
        <h1>{title}</h1>
        <Lead>{shape}.</Lead>
        <Soft>
          <Say>ISO 3758:2012, Textiles – Care labelling code using symbols. The garment’s own label comes first.</Say>
        </Soft>
      </div>
      <Columns>
        {bearing.length + hurt.length > 0 ? (
          <Paper aria-labelledby="bears">
            <h2 id="bears">
              <Say>Fibres that tolerate it</Say>
            </h2>
            <p>
              {bearing.length > 0 ? <LinksTo of={bearing} path="/learn/fibres" between=", " /> : 'Hardly any fibre'}.
            </p>
            {hurt.length > 0 ? (
              <>
                <h3>
                  <Say>Fibres that need gentler care</Say>
                </h3>
                <p>
                  <LinksTo of={hurt} path="/learn/fibres" between=", " />.
                </p>
              </>
            ) : null}
            <Soft>
              <Say>
                For the fibre alone, in its usual fabrics; dye, finish and pile may need gentler care. Common
                practice.
              </Say>
            </Soft>
          </Paper>
        ) : null}
        <Paper aria-labelledby="others">
          <h2 id="others">Of {group} as well</h2>
          <p>
            <LinksTo of={others} path="/learn/care" between="; " />
          </p>
        </Paper>
      </Columns>
      <Paper aria-labelledby="own">
        <h2 id="own">In your stash</h2>
        {pieces === 0 ? (
          <Soft>None of your fabrics has it on its label.</Soft>
        ) : (
          <>
            <StashShelf folds={folds} label={`Fabrics with “${title}” on their label`} />
            {pieces > folds.length ? <Soft>{countNoun(pieces, 'fabric')} have it; these are the latest.</Soft> : null}
          </>
        )}
      </Paper>
    </Page>
  )
}
