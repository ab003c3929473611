import { ApiProblem } from '@/api/client'
import { refusal } from './useSession'

/** Why a passkey was not taken: the browser's own reasons are names, not sentences. */
export function passkeyRefusal(failed: unknown): string {
  if (failed instanceof ApiProblem) return refusal(failed)
  const name = failed instanceof Error ? failed.name : ''
  if (name === 'InvalidStateError') return 'This device has a passkey for you already.'
  if (name === 'NotAllowedError') return 'It was not confirmed on the device, or took too long. Try again.'
  if (name === 'SecurityError')
    return 'A passkey belongs to a name: open Deft Chill at the address that ./start prints, not at a number.'
  if (failed instanceof TypeError) return refusal(failed)
  return 'This browser has no passkeys here.'
}
