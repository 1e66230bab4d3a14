verbatim = { $text }
several = { $phrases }
