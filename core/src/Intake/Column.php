<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

use Marrow\Core\Fields\PlainText;

/** What can stand in a column of a list of seed: every door that takes in a list, or gives one out, reads these. */
enum Column: string
{
    case Code = 'code';
    case Crop = 'crop';
    case Latin = 'latin';
    case Variety = 'variety';
    case Type = 'type';
    case Year = 'year';
    case PackedFor = 'packed_for';
    case Amount = 'amount';
    case Seeds = 'seeds';
    case Mass = 'mass_g';
    case From = 'from';
    case How = 'how';
    case CameOn = 'came_on';
    case Container = 'container';
    case Place = 'place';
    case Germinates = 'germinates';
    case TestedOn = 'tested_on';
    case Packet = 'packet';
    case Treated = 'treated';
    case Terms = 'terms';
    case Note = 'note';

    /** What it is headed with when it goes out; it is known again by that. */
    public function label(): string
    {
        return match ($this) {
            self::Code => 'Code',
            self::Crop => 'Crop',
            self::Latin => 'Latin name',
            self::Variety => 'Variety',
            self::Type => 'What it is',
            self::Year => 'Ripened in',
            self::PackedFor => 'Packed for',
            self::Amount => 'Amount',
            self::Seeds => 'Seeds',
            self::Mass => 'Mass (g)',
            self::From => 'From whom',
            self::How => 'How it came',
            self::CameOn => 'Came on',
            self::Container => 'Kept in a',
            self::Place => 'Place',
            self::Germinates => 'Germinates',
            self::TestedOn => 'Tested on',
            self::Packet => 'Number on their packet',
            self::Treated => 'Treated',
            self::Terms => 'Terms',
            self::Note => 'Note',
        };
    }

    /** What may be written there. */
    public function hint(): string
    {
        return match ($this) {
            self::Code => 'A lot of this garden; what stands already is not taken in twice',
            self::Crop => 'Any of its names',
            self::Latin => 'Where there is no common name',
            self::Variety => 'Empty if nobody knows it',
            self::Type => 'F1, open-pollinated, landrace, F3 …',
            self::Year => '2023, 23, “packed for 2024”; empty if nobody knows it',
            self::PackedFor => 'If it says only that',
            self::Amount => '50, 12 g, some',
            self::Seeds => 'Counted or told',
            self::Mass => 'In grams, or with a unit',
            self::From => 'A name, a shop, a swap',
            self::How => 'Bought, given, swapped, found, for trial',
            self::CameOn => 'The day; today if it is empty',
            self::Container => 'Jar, foil pouch, envelope, tin …',
            self::Place => 'Where it lies; empty and it stays on the bench',
            self::Germinates => '85 %, or 17 of 20',
            self::TestedOn => 'The day of that test',
            self::Packet => 'Their lot or packet number',
            self::Treated => 'Yes, if it is coloured, powdered or coated',
            self::Terms => 'On what terms it may be passed on',
            self::Note => 'Anything else',
        };
    }

    /** @return list<string> what else it may be headed with, in small letters without marks */
    private function alsoCalled(): array
    {
        return match ($this) {
            self::Code => ['lot code', 'our code', 'id', 'our lot', 'lot id'],
            self::Crop => ['species', 'vegetable', 'plant', 'common name', 'kind', 'crop name', 'plant name', 'what'],
            self::Latin => ['latin', 'scientific name', 'botanical name', 'botanical'],
            self::Variety => ['cultivar', 'variety name', 'name', 'strain', 'sort', 'seed', 'seeds name', 'cv'],
            self::Type => ['type', 'breeding', 'hybrid', 'f1', 'op or f1', 'kind of variety', 'pollination'],
            self::Year => ['year', 'harvest year', 'year of harvest', 'harvested', 'harvest', 'grown', 'vintage', 'year grown', 'date harvested', 'harvest date', 'saved', 'year saved', 'crop year', 'ripened', 'age'],
            self::PackedFor => ['packed', 'packed year', 'packeted for', 'packed for year', 'packet year', 'pkt year'],
            self::Amount => ['quantity', 'qty', 'how much', 'stock', 'left', 'remaining', 'contents', 'how many'],
            self::Seeds => ['count', 'number', 'number of seeds', 'seed count', 'no of seeds', 'no seeds', 'how many seeds'],
            self::Mass => ['mass', 'weight', 'grams', 'weighs', 'seed weight', 'g'],
            self::From => ['from', 'source', 'supplier', 'origin', 'bought from', 'donor', 'given by', 'company', 'where from', 'vendor', 'seller', 'obtained from'],
            self::How => ['how', 'acquired', 'obtained', 'way'],
            self::CameOn => ['received', 'date received', 'bought on', 'acquired on', 'got on', 'purchase date', 'date bought', 'received on', 'bought'],
            self::Container => ['container', 'packaging', 'vessel', 'kept in', 'in a'],
            self::Place => ['location', 'stored in', 'storage', 'where', 'shelf', 'stored at', 'kept at', 'position', 'stored', 'where kept', 'room'],
            self::Germinates => ['germination', 'germ', 'viability', 'germination rate', 'germ rate', 'last test', 'tested', 'test result', 'percent germination'],
            self::TestedOn => ['test date', 'date tested', 'germination date', 'date of test', 'day of test', 'last tested'],
            self::Packet => ['packet number', 'packet no', 'batch', 'batch number', 'batch no', 'lot number', 'lot no', 'lot', 'accession', 'accession number', 'ref', 'reference', 'packet'],
            self::Treated => ['dressed', 'coated', 'treatment', 'seed treatment'],
            self::Terms => ['conditions', 'licence', 'license', 'rights', 'restrictions'],
            self::Note => ['notes', 'remark', 'remarks', 'comment', 'comments', 'description', 'details'],
        };
    }

    /** @return list<string> the same in German, French, Spanish, Italian and Dutch, as lists there are headed */
    private function calledAbroad(): array
    {
        return match ($this) {
            self::Code => ['kürzel', 'inventarnummer', 'codice', 'código', 'codigo'],
            self::Crop => ['art', 'kultur', 'pflanze', 'gemüse', 'gemuse', 'pflanzenart', 'gemüseart', 'espèce', 'espece', 'légume', 'legume', 'plante', 'especie', 'cultivo', 'hortaliza', 'planta', 'specie', 'ortaggio', 'pianta', 'coltura', 'soort', 'gewas', 'groente', 'plant'],
            self::Latin => ['botanischer name', 'lateinischer name', 'wissenschaftlicher name', 'nom latin', 'nom scientifique', 'nombre latino', 'nombre científico', 'nombre cientifico', 'nome latino', 'nome scientifico', 'latijnse naam', 'wetenschappelijke naam'],
            self::Variety => ['sorte', 'sortenname', 'sortenbezeichnung', 'variété', 'variete', 'cultivar', 'nom de la variété', 'variedad', 'varietà', 'varieta', 'ras', 'variëteit', 'varieteit', 'rasnaam', 'bezeichnung', 'name der sorte'],
            self::Type => ['sortentyp', 'typ', 'typus', 'tipo', 'hybride'],
            self::Year => ['jahr', 'erntejahr', 'jahrgang', 'ernte', 'geerntet', 'année', 'annee', 'année de récolte', 'annee de recolte', 'récolte', 'recolte', 'millésime', 'año', 'ano', 'año de cosecha', 'cosecha', 'anno', 'anno di raccolta', 'raccolta', 'raccolto', 'jaar', 'oogstjaar', 'oogst', 'geoogst'],
            self::PackedFor => ['abgepackt', 'abgepackt für'],
            self::Amount => ['menge', 'anzahl', 'vorrat', 'bestand', 'quantité', 'quantite', 'qté', 'qte', 'stock', 'cantidad', 'existencias', 'quantità', 'quantita', 'hoeveelheid', 'voorraad', 'aantal'],
            self::Seeds => ['korn', 'körner', 'korner', 'anzahl körner', 'anzahl samen', 'samen', 'stück', 'stuck', 'stk', 'graines', 'nombre de graines', 'nb graines', 'semillas', 'número de semillas', 'numero de semillas', 'semi', 'numero di semi', 'numero semi', 'zaden', 'aantal zaden', 'zaadjes'],
            self::Mass => ['gewicht', 'gramm', 'poids', 'grammes', 'peso', 'gramos', 'grammi', 'gram'],
            self::From => ['herkunft', 'quelle', 'von', 'von wem', 'bezugsquelle', 'lieferant', 'provenance', 'origine', 'fournisseur', 'source', 'de qui', 'origen', 'procedencia', 'proveedor', 'de quién', 'de quien', 'provenienza', 'fornitore', 'da chi', 'herkomst', 'bron', 'leverancier', 'van', 'van wie'],
            self::How => ['erhalten durch', 'art des erwerbs', 'comment', 'obtenu par', 'cómo', 'como', 'come', 'hoe', 'hoe verkregen'],
            self::CameOn => ['erhalten', 'erhalten am', 'gekauft', 'gekauft am', 'reçu', 'recu', 'reçu le', 'acheté le', 'achete le', 'recibido', 'comprado', 'recibido el', 'ricevuto', 'ricevuto il', 'comprato', 'ontvangen', 'ontvangen op', 'gekocht', 'gekocht op'],
            self::Container => ['behälter', 'behalter', 'gefäß', 'gefass', 'verpackung', 'contenant', 'récipient', 'recipient', 'emballage', 'conditionnement', 'recipiente', 'envase', 'contenitore', 'confezione', 'verpakking', 'bewaard in'],
            self::Place => ['ort', 'lagerort', 'standort', 'platz', 'fach', 'lagerplatz', 'aufbewahrt', 'lieu', 'emplacement', 'rangement', 'endroit', 'lugar', 'ubicación', 'ubicacion', 'sitio', 'luogo', 'posizione', 'posto', 'plaats', 'locatie', 'bewaarplaats', 'plek'],
            self::Germinates => ['keimfähigkeit', 'keimfahigkeit', 'keimrate', 'keimung', 'keimquote', 'keimprobe', 'germination', 'faculté germinative', 'taux de germination', 'germinación', 'germinacion', 'poder germinativo', 'germinazione', 'germinabilità', 'germinabilita', 'kiemkracht', 'kieming', 'kiemproef', 'kiempercentage'],
            self::TestedOn => ['getestet am', 'keimprobe am', 'datum der keimprobe', 'testé le', 'teste le', 'date du test', 'probado el', 'fecha de la prueba', 'testato il', 'data del test', 'getest op', 'datum kiemproef'],
            self::Packet => ['charge', 'chargennummer', 'partie', 'los', 'losnummer', 'lot numéro', 'numéro de lot', 'numero de lot', 'lote', 'número de lote', 'numero de lote', 'lotto', 'numero di lotto', 'partij', 'partijnummer', 'batchnummer'],
            self::Treated => ['gebeizt', 'behandelt', 'traité', 'traite', 'tratado', 'trattato', 'behandeld', 'ontsmet'],
            self::Note => ['bemerkung', 'bemerkungen', 'notiz', 'notizen', 'anmerkung', 'anmerkungen', 'kommentar', 'remarque', 'remarques', 'commentaire', 'commentaires', 'observations', 'notas', 'nota', 'observaciones', 'comentarios', 'note', 'osservazioni', 'commenti', 'opmerking', 'opmerkingen', 'notitie', 'notities'],
            default => [],
        };
    }

    /** The column that a heading names; null of what is none of ours. A unit may stand behind it in brackets. */
    public static function headed(string $heading): ?self
    {
        $plain = self::plain((string) preg_replace('/[(\[].*?[)\]]/u', '', $heading));
        foreach (self::cases() as $column) {
            if ($plain === self::plain((string) preg_replace('/\(.*?\)/', '', $column->label())) || in_array($plain, $column->alsoCalled(), true)) {
                return $column;
            }
        }
        foreach (self::cases() as $column) {
            if (in_array($plain, array_map(self::plain(...), $column->calledAbroad()), true)) {
                return $column;
            }
        }

        return null;
    }

    /** The unit that a heading gives to bare numbers below it: "Weight (oz)"; empty where it gives none. */
    public static function unitOf(string $heading): string
    {
        return preg_match('/[(\[]\s*([a-z%]{1,6}\.?)\s*[)\]]/iu', $heading, $part) === 1 ? mb_strtolower(rtrim($part[1], '.')) : '';
    }

    private static function plain(string $heading): string
    {
        $worded = str_replace('%', ' percent ', PlainText::of($heading));
        $plain = trim(preg_replace('/[^\p{L}\p{N}]+/u', ' ', $worded) ?? '');

        return trim((string) preg_replace('/^percent (germ\w*)$|^(germ\w*) percent$/', '$1$2', $plain));
    }
}
