import { type GarmentNeed } from './garmentNeed'
import { type Role } from '../../vocabulary/choosing'

/**
 * What a partner cloth is asked for in place of the garment's own need; common practice. Roles left out take the
 * garment's.
 */
export const roleNeeds: Partial<Record<Role, Partial<GarmentNeed>>> = {
  // How heavy it may be follows from its garment.
  lining: {
    body: ['fluid', 'soft'],
    opacity: ['semi-sheer', 'opaque'],
    stretchWidth: [0, 30],
    nextToSkin: true,
  },
  interfacing: {
    gsm: [20, 160],
    body: ['soft', 'moderate', 'crisp', 'stiff'],
    opacity: ['sheer', 'semi-sheer', 'opaque'],
    stretchWidth: [0, 30],
    nextToSkin: false,
    anyConstruction: true,
  },
  underlining: {
    gsm: [30, 150],
    body: ['soft', 'moderate', 'crisp'],
    opacity: ['sheer', 'semi-sheer', 'opaque'],
    stretchWidth: [0, 15],
    nextToSkin: false,
  },
  wadding: {
    structure: 'either',
    gsm: [80, 400],
    body: ['soft', 'moderate'],
    opacity: ['semi-sheer', 'opaque'],
    stretchWidth: [0, 30],
    nextToSkin: false,
    anyConstruction: true,
  },
  pocket: {
    structure: 'woven',
    gsm: [80, 170],
    body: ['soft', 'moderate', 'crisp'],
    opacity: ['opaque'],
    stretchWidth: [0, 8],
    nextToSkin: false,
  },
  // A rib on a T-shirt is as right as a bias strip on a blouse.
  binding: {
    structure: 'either',
    gsm: [60, 240],
    body: ['fluid', 'soft', 'moderate'],
    opacity: ['sheer', 'semi-sheer', 'opaque'],
    stretchWidth: [0, 90],
    nextToSkin: false,
  },
}
