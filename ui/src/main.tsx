document.title = "Deft Blade";
