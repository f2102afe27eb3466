// What a browser has to read before it writes its first number in a language, it reads once for all its threads.
new Intl.NumberFormat(self.name).format(0);
self.close();
