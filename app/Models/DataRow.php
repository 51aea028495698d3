<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A row of a founder's own table; the connection and the table are set for each use. */
final class DataRow extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    public static function of(string $connection, string $table): self
    {
        $row = new self;
        $row->setConnection($connection);
        $row->setTable($table);

        return $row;
    }
}
