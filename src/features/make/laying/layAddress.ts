import { type Role } from '@/core/vocabulary/choosing'

interface Address {
  id: string
  chosen: readonly string[]
  project?: { id: string }
  role: Role
  size: string
}

/** The address at which this is laid out. */
export function layAddress({ id, chosen, project, role, size }: Address): string {
  const query = new URLSearchParams()
  if (chosen.length > 0) query.set('cloth', chosen.join(','))
  if (project) query.set('project', project.id)
  if (role !== 'main') query.set('role', role)
  if (size) query.set('size', size)
  const words = query.toString()
  return `/patterns/${id}/lay${words ? `?${words}` : ''}`
}
