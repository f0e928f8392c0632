'use client'

import { Button } from '@/ui/kit/buttons'
import { saveFile } from '@/ui/kit/saveFile'
import { type PatternPieceData } from './load'

/** Saves the pieces as a DXF file that reads back unchanged. */
export function SavePieces({ name, pieces }: { name: string; pieces: readonly PatternPieceData[] }) {
  const save = async () => {
    const { dxfOfPieces } = await import('@/core/formats/dxf/write')
    saveFile(`${name}.dxf`, dxfOfPieces(pieces), 'image/vnd.dxf')
  }
  return <Button onPress={() => void save()}>Save as DXF</Button>
}
