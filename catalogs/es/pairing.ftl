pairing-pair-this-device = Vincular este dispositivo
pairing-why = Esta máquina solo atiende a los dispositivos que su dueño ha vinculado. Muestra el código en su terminal, y en su propia pantalla en «Teléfonos y tabletas».
pairing-code = El código
pairing-name = Cómo llamar a este dispositivo
pairing-name-to-begin-with = teléfono
pairing-go = Vincular
