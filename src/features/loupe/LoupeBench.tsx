'use client'
export function LoupeBench() { return null }
