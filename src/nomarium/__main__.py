"""``python -m nomarium`` is the same as the command ``nomarium``."""

from nomarium.cli import main

if __name__ == "__main__":
    main()
