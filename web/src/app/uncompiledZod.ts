import { z } from 'zod'

// Zod would otherwise try to compile its checks, which the content security policy forbids.
z.config({ jitless: true })
