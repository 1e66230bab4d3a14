pairing-pair-this-device = Pair this device
pairing-why = This machine serves only devices that its owner has paired. It shows the code in its terminal, and on its own screen under "Phones and tablets".
pairing-code = The code
pairing-name = What to call this device
pairing-name-to-begin-with = phone
pairing-go = Pair it
